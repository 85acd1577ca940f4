# frozen_string_literal: true

module GreenPlinth
  module Relief
    # The plinth's top as cells, with whatever overhangs it: the same under all forms.
    class Top
      # How far inside the edge the ground is looked at, in cells.
      INWARD = 0.6

      attr_reader :area, :grid, :weight

      # @param area [RGeo geometry] the top
      # @param domain [RGeo geometry] the top and what overhangs it
      def initialize(area, domain)
        @area = area
        @grid = Grid.new(Plan::Geos.bounds(domain))
        @weight = Coverage.of(domain, @grid)
      end

      # The edge of the top, cut into pieces of half a cell at the most.
      # @return [Array<Array>] ring by ring: from and to, mm, and row and column of the cell just inside; nil where there is none
      def rim = @rim ||= Plan::Geos.rings(area).map { |ring| pieces(ring) }

      private

      def pieces(ring)
        ring.each_cons(2).flat_map do |from, to|
          count = [(Math.hypot(to[0] - from[0], to[1] - from[1]) / (grid.cell / 2)).ceil, 1].max
          points = (0..count).map { |i| [0, 1].map { |k| from[k] + ((to[k] - from[k]) * i / count.to_f) } }
          points.each_cons(2).map { |a, b| [a, b, inside(a, b)] }
        end
      end

      def inside(a, b)
        dx = b[0] - a[0]
        dy = b[1] - a[1]
        long = Math.hypot(dx, dy)
        return if long.zero?

        inward = grid.cell * INWARD / long
        sides = [1, -1].map { |side| grid.at(((a[0] + b[0]) / 2) - (dy * inward * side), ((a[1] + b[1]) / 2) + (dx * inward * side)) }
        sides.compact.max_by { |row, column| weight[row, column] }
      end
    end
  end
end
