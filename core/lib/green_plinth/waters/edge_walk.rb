# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Where water stands against the plinth's own edge: the edge is walked in half cells.
    class EdgeWalk
      # @param top [Relief::Top]
      # @param reach [Reach]
      def initialize(top, reach, level)
        @top = top
        @reach = reach
        @level = level
      end

      # @return [Array<Array<Array(Float, Float)>>] the stretches of edge that hold water, mm
      def stretches = at_edge? ? @top.rim.flat_map { |pieces| along(pieces) } : []

      private

      # Most waters lie inland: then no cell of theirs is cut by the edge or borders on nothing.
      def at_edge?
        outside = @reach.weight < 0.999
        beside = Relief::Adjacent.fold(Numo::DFloat.cast(outside), :maximum) > 0
        rows, columns = @reach.grid.shape
        [beside & @reach.cells, @reach.cells[0, true], @reach.cells[rows - 1, true], @reach.cells[true, 0], @reach.cells[true, columns - 1]]
          .any? { |cells| cells.count_true.positive? }
      end

      def along(pieces)
        lines = []
        open = false
        pieces.each do |from, to, cell|
          held = cell && wet?(*cell)
          open ? lines.last << to : lines << [from, to] if held
          open = held
        end
        lines
      end

      # @return [Boolean] whether a cell of the whole grid is
      def wet?(row, column)
        rows, columns = @reach.window
        return false unless rows.cover?(row) && columns.cover?(column)

        row -= rows.begin
        column -= columns.begin
        @reach.cells[row, column] == 1 && @reach.height[row, column] < @level
      end
    end
  end
end
