# frozen_string_literal: true

module GreenPlinth
  module Relief
    # The finished base as a closed surface of triangles: ground on top, the plinth's sides, its underside. Corners lie at
    # the corners of a coarser grid than the relief's; those on the rim are drawn to the rim itself.
    class Mesh
      # Cells along the longer side.
      CELLS_ALONG = 150

      # vertices: Array<[x, y, z]>; triangles: Array<[a, b, c]>, counter-clockwise seen from outside; owners: for each
      # vertex of the ground the zone's index, −1 bare, nil for the sides and the underside
      attr_reader :vertices, :triangles, :owners

      # @param terrain [Terrain]
      # @param thickness_mm [Float] of the plinth
      # @param cells_along [Integer]
      def initialize(terrain, thickness_mm, cells_along: CELLS_ALONG)
        @terrain = terrain
        @floor = -thickness_mm
        @step = [terrain.grid.cell, terrain.grid.cell * [terrain.grid.columns, terrain.grid.rows].max / cells_along].max
        @columns = (terrain.grid.columns * terrain.grid.cell / @step).ceil
        @rows = (terrain.grid.rows * terrain.grid.cell / @step).ceil
        build
      end

      # Signed, by the divergence theorem: positive where every triangle looks outward.
      # @return [Float] mm³
      def volume_mm3
        triangles.sum do |corners|
          (ax, ay, az), (bx, by, bz), (cx, cy, cz) = corners.map { |index| vertices[index] }
          ((ax * ((by * cz) - (bz * cy))) + (ay * ((bz * cx) - (bx * cz))) + (az * ((bx * cy) - (by * cx)))) / 6.0
        end
      end

      private

      def build
        @vertices = []
        @triangles = []
        @owners = []
        @top = {}
        @bottom = {}
        cells = solid
        cells.each { |row, column| lid(row, column) }
        cells.each { |row, column| walls(row, column) }
      end

      # Cells whose middle is on the base, less those that touch the rest by a corner only: there four walls would meet
      # in one line.
      def solid
        @solid = Array.new(index(@rows, @columns) + 1, false)
        cells = (0...@rows).to_a.product((0...@columns).to_a).select { |row, column| @solid[index(row, column)] = on_base?(row, column) }
        loop do
          pinched, cells = cells.partition { |row, column| pinched?(row, column) }
          return cells if pinched.empty?

          pinched.each { |row, column| @solid[index(row, column)] = false }
        end
      end

      # Cells and corners by one number, with room for those beside the first and the last.
      def index(row, column) = ((row + 1) * (@columns + 3)) + column + 1

      def solid?(row, column) = @solid[index(row, column)]

      def on_base?(row, column)
        cell = @terrain.grid.at(left + ((column + 0.5) * @step), front + ((row + 0.5) * @step))
        cell && @terrain.weight[*cell] > 0.5
      end

      def pinched?(row, column)
        [[1, 1], [1, -1]].any? do |up, side|
          solid?(row + up, column + side) && !solid?(row + up, column) && !solid?(row, column + side)
        end
      end

      def left = @terrain.grid.left
      def front = @terrain.grid.front

      # Ground and underside of one cell, split along the diagonal that follows the ground.
      def lid(row, column)
        a, b, c, d = corners(row, column).map { |corner| top(*corner) }
        heights = [a, b, c, d].map { |index| vertices[index][2] }
        if (heights[0] - heights[2]).abs <= (heights[1] - heights[3]).abs
          triangles << [a, b, c] << [a, c, d]
        else
          triangles << [a, b, d] << [b, c, d]
        end
        e, f, g, h = corners(row, column).map { |corner| bottom(*corner) }
        triangles << [e, g, f] << [e, h, g]
      end

      # Counter-clockwise from the front left.
      def corners(row, column) = [[row, column], [row, column + 1], [row + 1, column + 1], [row + 1, column]]

      def walls(row, column)
        corners = corners(row, column)
        [[row - 1, column], [row, column + 1], [row + 1, column], [row, column - 1]].each_with_index do |beside, side|
          next if solid?(*beside)

          from, to = corners[side], corners[(side + 1) % 4]
          triangles << [bottom(*from), bottom(*to), top(*to)] << [bottom(*from), top(*to), top(*from)]
        end
      end

      def top(row, column)
        @top[index(row, column)] ||= begin
          x, y = place(row, column)
          height, owner = ground(row, column)
          owners << owner
          vertices << [x, y, [height, @floor + 0.05].max]
          vertices.size - 1
        end
      end

      def bottom(row, column)
        @bottom[index(row, column)] ||= begin
          owners << nil
          vertices << [*place(row, column), @floor]
          vertices.size - 1
        end
      end

      # A corner of the rim is drawn to the nearest point of the outline.
      def place(row, column)
        @places ||= {}
        @places[index(row, column)] ||= begin
          point = [left + (column * @step), front + (row * @step)]
          around(row, column).size == 4 ? point : drawn(point)
        end
      end

      def around(row, column) = [[row - 1, column - 1], [row - 1, column], [row, column - 1], [row, column]].select { |cell| solid?(*cell) }

      def drawn((x, y))
        reach = 1.5 * @step
        near = rim.select do |(ax, ay), (bx, by)|
          [ax, bx].min <= x + reach && [ax, bx].max >= x - reach && [ay, by].min <= y + reach && [ay, by].max >= y - reach
        end
        nearest = Plan::Segment.nearest_of([x, y], near)
        nearest && Math.hypot(nearest[0] - x, nearest[1] - y) <= reach ? nearest : [x, y]
      end

      def rim = @rim ||= Plan::Geos.rings(domain.simplify(0.02)).flat_map { |ring| ring.each_cons(2).to_a }

      # The base and what overhangs it.
      def domain
        overhanging = @terrain.bulk.strata.map(&:form).select(&:overhang?).map { |form| form.area }
        Plan::Geos.union([@terrain.ground.top, *overhanging])
      end

      # Mean of the relief's cells just round a corner that lie on the base, and whose ground it is.
      def ground(row, column)
        reach = @step / 4
        x, y = left + (column * @step), front + (row * @step)
        cells = [[-reach, -reach], [reach, -reach], [-reach, reach], [reach, reach]].filter_map do |dx, dy|
          @terrain.grid.at(x + dx, y + dy)&.then { |cell| cell if @terrain.weight[*cell] > 0.3 }
        end
        cells = around(row, column).map { |r, c| @terrain.grid.at(left + ((c + 0.5) * @step), front + ((r + 0.5) * @step)) } if cells.empty?
        [cells.sum { |cell| @terrain.height[*cell] } / cells.size, @terrain.zone_map[*cells.first]]
      end
    end
  end
end
