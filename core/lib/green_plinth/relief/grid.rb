# frozen_string_literal: true

module GreenPlinth
  module Relief
    # A regular grid of square cells over a rectangle of the plan. Row 0 is the front (least y), column 0 the left.
    class Grid
      # Cell side: longest side / 400, within these, mm; but never more cells than so many along the longest side, so that a base
      # of five metres takes no more memory than one of two.
      CELLS_ALONG = 400
      CELL_MM = (0.25..2.0)
      MOST_ALONG = 1000
      # A cell has a neighbour on each axis, however narrow the base: slopes are told from it.
      LEAST = 2

      attr_reader :cell, :columns, :rows, :left, :front, :bounds

      # @param bounds [Array(Float, Float, Float, Float)] min x, min y, max x, max y
      def initialize(bounds)
        @bounds = bounds
        min_x, min_y, max_x, max_y = bounds
        longest = [max_x - min_x, max_y - min_y].max
        @cell = [(longest / CELLS_ALONG).clamp(CELL_MM.min, CELL_MM.max), longest / MOST_ALONG].max
        @columns = ((max_x - min_x) / cell).ceil.clamp(LEAST, nil)
        @rows = ((max_y - min_y) / cell).ceil.clamp(LEAST, nil)
        # Centred, so that a symmetrical plinth has a symmetrical grid.
        @left = ((min_x + max_x) / 2) - (columns * cell / 2)
        @front = ((min_y + max_y) / 2) - (rows * cell / 2)
      end

      # @param rows [Range]
      # @param columns [Range]
      # @return [Grid] those cells of this one, where they are
      def crop(rows, columns)
        dup.tap { |part| part.send(:cropped, rows, columns) }
      end

      def shape = [rows, columns]
      def cell_area = cell * cell

      # @return [Numo::DFloat] x of each column's centre
      def xs = @xs ||= (Numo::DFloat.new(columns).seq * cell) + left + (cell / 2)

      # @return [Numo::DFloat] y of each row's centre, as a column
      def ys = @ys ||= ((Numo::DFloat.new(rows).seq * cell) + front + (cell / 2)).reshape(rows, 1)

      # @return [Array(Integer, Integer), nil] row and column of a point; nil outside
      def at(x, y)
        column = ((x - left) / cell).floor
        row = ((y - front) / cell).floor
        [row, column] if row.between?(0, rows - 1) && column.between?(0, columns - 1)
      end

      # The rows and columns a box of the plan touches, grown by `margin` mm; nil when it lies outside.
      # @return [Array(Range, Range), nil]
      def window(min_x, min_y, max_x, max_y, margin = 0.0)
        c0 = ((min_x - margin - left) / cell).floor.clamp(0, columns)
        c1 = ((max_x + margin - left) / cell).ceil.clamp(0, columns)
        r0 = ((min_y - margin - front) / cell).floor.clamp(0, rows)
        r1 = ((max_y + margin - front) / cell).ceil.clamp(0, rows)
        [r0...r1, c0...c1] if r1 > r0 && c1 > c0
      end

      private

      def cropped(rows, columns)
        @left += columns.begin * cell
        @front += rows.begin * cell
        @rows = rows.size
        @columns = columns.size
        @xs = @ys = nil
      end
    end
  end
end
