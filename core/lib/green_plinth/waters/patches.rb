# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Cells that hang together side by side. Works on runs of set cells along the rows, joined where runs of
    # neighbouring rows touch (union-find), so that the cost goes with the outline, not with the area.
    class Patches
      # @param cells [Numo::Bit]
      def initialize(cells)
        @shape = cells.shape
        @runs = rows_of(cells)
        @parent = (0...@runs.sum(&:size)).to_a
        number
        join
      end

      # The patch that holds a cell.
      # @param index [Integer] flat index of a set cell
      # @return [Array<Array(Integer, Integer, Integer)>, nil] its runs: row, first column, one past the last; nil where
      #   the cell is not set
      def holding(index) = root_at(index)&.then { |root| runs_of(Set[root]) }

      # The patches that hold any of some cells.
      # @param cells [Numo::Bit] of the same field
      # @return [Array<Array(Integer, Integer, Integer)>] their runs, as above
      def meeting(cells)
        met = @runs.each_with_index.flat_map do |runs, y|
          runs.select { |from, to, _| cells[y, from...to].count_true.positive? }.map { |_, _, id| find(id) }
        end
        runs_of(met.to_set)
      end

      private

      def root_at(index)
        row, column = index.divmod(@shape[1])
        @runs[row].find { |run| column.between?(run[0], run[1] - 1) }&.then { |home| find(home[2]) }
      end

      def runs_of(roots)
        @runs.each_with_index.flat_map do |runs, y|
          runs.filter_map { |from, to, id| [y, from, to] if roots.include?(find(id)) }
        end
      end

      def rows_of(cells)
        bytes = Numo::UInt8.cast(cells)
        text = bytes.to_binary
        width = @shape[1]
        Array.new(@shape[0]) do |row|
          line = text.byteslice(row * width, width)
          runs = []
          at = 0
          while (from = line.index("\x01", at))
            to = line.index("\x00", from) || width
            runs << [from, to, nil]
            at = to
          end
          runs
        end
      end

      def number
        id = -1
        @runs.each { |runs| runs.each { |run| run[2] = (id += 1) } }
      end

      def join
        @runs.each_cons(2) do |before, after|
          i = j = 0
          while i < before.size && j < after.size
            a = before[i]
            b = after[j]
            union(a[2], b[2]) if a[0] < b[1] && b[0] < a[1]
            a[1] < b[1] ? i += 1 : j += 1
          end
        end
      end

      def union(a, b)
        @parent[find(a)] = find(b)
      end

      def find(id)
        id = @parent[id] = @parent[@parent[id]] until @parent[id] == id
        id
      end
    end
  end
end
