# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Where water stands against the plinth's own edge: the edge is walked in half cells.
    class EdgeWalk
      # How far inside the edge the ground is looked at, in cells.
      INWARD = 0.6

      # @param rings [Array<Array<Array(Float, Float)>>] the top's edge
      # @param reach [Reach]
      def initialize(rings, reach, level)
        @rings = rings
        @reach = reach
        @grid = reach.grid
        @level = level
      end

      # @return [Array<Array<Array(Float, Float)>>] the stretches of edge that hold water, mm
      def stretches
        return [] unless at_edge?

        @rings.flat_map { |ring| along(ring) }
      end

      private

      # Most waters lie inland: then no cell of theirs is cut by the edge or borders on nothing.
      def at_edge?
        outside = @reach.weight < 0.999
        beside = Relief::Adjacent.fold(Numo::DFloat.cast(outside), :maximum) > 0
        rows, columns = @grid.shape
        [beside & @reach.cells, @reach.cells[0, true], @reach.cells[rows - 1, true], @reach.cells[true, 0], @reach.cells[true, columns - 1]]
          .any? { |cells| cells.count_true.positive? }
      end

      def along(ring)
        lines = []
        open = false
        pieces(ring) do |a, b|
          wet = against?(a, b)
          open ? lines.last << b : lines << [a, b] if wet
          open = wet
        end
        lines
      end

      def pieces(ring)
        ring.each_cons(2) do |from, to|
          next unless @grid.window(*from.zip(to).map(&:min), *from.zip(to).map(&:max), @grid.cell)

          count = [(Math.hypot(to[0] - from[0], to[1] - from[1]) / (@grid.cell / 2)).ceil, 1].max
          points = (0..count).map { |i| [0, 1].map { |k| from[k] + ((to[k] - from[k]) * i / count.to_f) } }
          points.each_cons(2) { |a, b| yield a, b }
        end
      end

      # @return [Boolean] whether the cell just inside this piece of edge is wet
      def against?(a, b)
        dx = b[0] - a[0]
        dy = b[1] - a[1]
        long = Math.hypot(dx, dy)
        return false if long.zero?

        inward = @grid.cell * INWARD / long
        sides = [1, -1].map { |side| @grid.at(((a[0] + b[0]) / 2) - (dy * inward * side), ((a[1] + b[1]) / 2) + (dx * inward * side)) }
        cell = sides.compact.max_by { |row, column| @reach.weight[row, column] } or return false
        @reach.cells[*cell] == 1 && @reach.height[*cell] < @level
      end
    end
  end
end
