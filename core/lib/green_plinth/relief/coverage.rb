# frozen_string_literal: true

module GreenPlinth
  module Relief
    # How much of each cell a polygon covers, exactly: every edge adds its signed area to the cells it crosses, and a
    # running sum along the row fills the inside. Cost goes with the perimeter, not with the area.
    class Coverage
      # @return [Numo::DFloat] rows × columns, 0..1
      def self.of(geometry, grid) = new(grid).call(geometry)

      def initialize(grid)
        @grid = grid
        @columns = grid.columns
        @sums = Hash.new(0.0)
      end

      def call(geometry)
        Plan::Geos.polygons(geometry).each do |polygon|
          add(Plan::Geos.coordinates(polygon.exterior_ring), 1)
          polygon.interior_rings.each { |ring| add(Plan::Geos.coordinates(ring), -1) }
        end
        field
      end

      private

      def field
        # One column more than the grid: what ends at the right edge spills there.
        flat = Numo::DFloat.zeros(@grid.rows * (@columns + 1))
        flat[@sums.keys] = Numo::DFloat.cast(@sums.values) unless @sums.empty?
        sums = flat.reshape(@grid.rows, @columns + 1).cumsum(axis: 1)[true, 0...@columns]
        sums.clip(0.0, 1.0)
      end

      # @param ring [Array<Array(Float, Float)>] closed
      # @param sign [Integer] 1 for a ring that adds its inside, -1 for a hole, whichever way it runs
      def add(ring, sign)
        points = ring.map { |x, y| [(x - @grid.left) / @grid.cell, (y - @grid.front) / @grid.cell] }
        doubled = points.each_cons(2).sum { |(x0, y0), (x1, y1)| (x0 * y1) - (x1 * y0) }
        winding = doubled.positive? ? -sign : sign
        points.each_cons(2) { |(x0, y0), (x1, y1)| edge(x0, y0, x1, y1, winding) }
      end

      def edge(x0, y0, x1, y1, winding)
        return if y0 == y1

        x0, y0, x1, y1, winding = x1, y1, x0, y0, -winding if y0 > y1
        slope = (x1 - x0) / (y1 - y0)
        first = [y0.floor, 0].max
        last = [y1.ceil, @grid.rows].min
        (first...last).each do |row|
          low = y0 > row ? y0 : row.to_f
          high = y1 < row + 1 ? y1 : (row + 1).to_f
          next if high <= low

          span(row, x0 + ((low - y0) * slope), x0 + ((high - y0) * slope), (high - low) * winding)
        end
      end

      # An edge within one row from xa to xb that rises by `rise`: all to its right gains `rise`, the cells under it
      # their part.
      def span(row, xa, xb, rise)
        xa, xb = xb, xa if xa > xb
        xa = xa.clamp(0.0, @columns.to_f)
        xb = xb.clamp(0.0, @columns.to_f)
        base = row * (@columns + 1)
        if xa.floor == xb.floor || xb - xa < 1e-12
          column = [xa.floor, @columns].min
          share = column + 1 - ((xa + xb) / 2)
          @sums[base + column] += rise * share
          @sums[base + column + 1] += rise * (1 - share) if column < @columns
        else
          spread(base, xa, xb, rise)
        end
      end

      # The same across several columns. `value` is what the cell gains, `done` what all further right will.
      def spread(base, xa, xb, rise)
        per = rise / (xb - xa)
        done = before = 0.0
        column = xa.floor
        while column < xb
          from = xa > column ? xa : column.to_f
          to = xb < column + 1 ? xb : (column + 1).to_f
          part = per * (to - from)
          value = done + (part * (column + 1 - ((from + to) / 2)))
          @sums[base + column] += value - before
          before = value
          done += part
          column += 1
        end
        @sums[base + column] += rise - before if column <= @columns
      end
    end
  end
end
