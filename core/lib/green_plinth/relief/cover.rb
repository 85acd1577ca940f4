# frozen_string_literal: true

module GreenPlinth
  module Relief
    # How much of each cell an area covers, kept only over the window of the grid that it lies in: a small zone on a
    # large base costs a small zone's time and memory.
    class Cover
      attr_reader :window, :field

      # @param geometry [RGeo geometry] may be empty
      # @param grid [Grid]
      # @return [Cover]
      def self.of(geometry, grid)
        window = grid.window(*Plan::Geos.bounds(geometry)) unless geometry.empty?
        window ? new(window, Coverage.of(geometry, grid.crop(*window))) : new([0...1, 0...1], Numo::DFloat.zeros(1, 1))
      end

      # @param window [Array(Range, Range)] rows, columns
      # @param field [Numo::DFloat] 0..1 over the window
      def initialize(window, field)
        @window = window
        @field = field
      end

      # @return [Float] share of a cell of the whole grid
      def at(row, column)
        rows, columns = window
        rows.cover?(row) && columns.cover?(column) ? field[row - rows.begin, column - columns.begin] : 0.0
      end

      # @return [Numo::DFloat] the same as shares of each cell's part that lies on the base
      def relative(weight)
        base = weight[*window].copy
        base[base < 1e-9] = 1.0
        (field / base).clip(0.0, 1.0)
      end
    end
  end
end
