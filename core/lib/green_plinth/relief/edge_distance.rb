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
        rows, columns = window
        xs, ys = grid.xs[columns], grid.ys[rows, true]
        convex = Plan::Convex.of(simple)
        nearest = convex ? to_lines(convex.edges, xs, ys) : to_sides(Plan::Geos.rings(simple), xs, ys)
        Numo::DFloat.zeros(*grid.shape).tap { |field| field[*window] = nearest }
      end

      # Inside of what is convex the nearest point of the boundary lies square to one of its edges.
      def to_lines(edges, xs, ys)
        edges.reduce(nil) do |least, (a, b, c)|
          here = ((ys * b) + c) + (xs * a)
          least ? Numo::DFloat.minimum(least, here) : here
        end.abs
      end
      private_class_method :to_lines

      # The nearest by its square: the root is taken once.
      def to_sides(rings, xs, ys)
        squares = rings.flat_map { |ring| ring.each_cons(2).to_a }.reduce(nil) do |least, (from, to)|
          near = squared(xs, ys, from, [to[0] - from[0], to[1] - from[1]])
          least ? Numo::DFloat.minimum(least, near) : near
        end
        Numo::NMath.sqrt(squares)
      end
      private_class_method :to_sides

      def lower(field, grid, from, to, reach)
        x0, y0 = from
        x1, y1 = to
        window = grid.window([x0, x1].min, [y0, y1].min, [x0, x1].max, [y0, y1].max, reach) or return
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
