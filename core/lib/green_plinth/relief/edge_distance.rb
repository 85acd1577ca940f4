# frozen_string_literal: true

module GreenPlinth
  module Relief
    # Distance from every cell's centre to the nearest of some lines, mm. Exact, segment by segment; with a reach,
    # each segment is asked only about the cells near it.
    module EdgeDistance
      # Corners closer to their chord than this are left out when the whole inside must be measured, mm: half the
      # work, and a cone over a 20 mm disc keeps its volume within a tenth of a per cent.
      SIMPLIFY_MM = 0.012

      module_function

      # @param lines [Array<Array<Array(Float, Float)>>]
      # @param reach [Float] cells farther away than this get this
      # @return [Numo::DFloat]
      def within(lines, grid, reach)
        field = Numo::DFloat.new(*grid.shape).fill(reach)
        lines.each do |points|
          points.each_cons(2) { |from, to| lower(field, grid, from, to, reach) }
        end
        field
      end

      # @param polygon [RGeo polygon] one polygon
      # @return [Numo::DFloat] distance to its boundary in every cell of its bounding box, 0 elsewhere
      def inside(polygon, grid)
        simple = Plan::Geos.polygons(polygon.simplify(SIMPLIFY_MM)).first || polygon
        bounds = Plan::Geos.bounds(simple)
        window = grid.window(*bounds) or return Numo::DFloat.zeros(*grid.shape)
        field = Numo::DFloat.zeros(*grid.shape)
        field[*window] = 1e9
        reach = [bounds[2] - bounds[0], bounds[3] - bounds[1]].max
        Plan::Geos.rings(simple).each do |ring|
          ring.each_cons(2) { |from, to| lower(field, grid, from, to, reach, window) }
        end
        field
      end

      def lower(field, grid, from, to, reach, window = nil)
        x0, y0 = from
        x1, y1 = to
        window ||= grid.window([x0, x1].min, [y0, y1].min, [x0, x1].max, [y0, y1].max, reach) or return
        rows, columns = window
        part = field[rows, columns]
        near = squared(grid.xs[columns], grid.ys[rows, true], from, [x1 - x0, y1 - y0])
        field[rows, columns] = Numo::DFloat.minimum(part, Numo::NMath.sqrt(near))
      end
      private_class_method :lower

      def squared(xs, ys, from, along)
        dx = xs - from[0]
        dy = ys - from[1]
        length = (along[0]**2) + (along[1]**2)
        return (dx**2) + (dy**2) if length.zero?

        t = ((dx * (along[0] / length)) + (dy * (along[1] / length))).clip(0.0, 1.0)
        ((dx - (t * along[0]))**2) + ((dy - (t * along[1]))**2)
      end
      private_class_method :squared
    end
  end
end
