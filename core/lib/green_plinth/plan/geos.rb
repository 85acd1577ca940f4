# frozen_string_literal: true

module GreenPlinth
  module Plan
    # The door to GEOS: one factory, and the few constructions used everywhere. Millimetres.
    module Geos
      FACTORY = RGeo::Geos.factory(srid: 0, native_interface: :capi, buffer_resolution: 16)

      module_function

      # @param points [Array<Array(Float, Float)>] a ring, closed or not
      def polygon(points) = FACTORY.polygon(FACTORY.linear_ring(points.map { |x, y| FACTORY.point(x, y) }))

      def line(points) = FACTORY.line_string(points.map { |x, y| FACTORY.point(x, y) })

      def point(xy) = FACTORY.point(xy[0], xy[1])

      def empty = FACTORY.multi_polygon([])

      # @return the union of any number of areas
      def union(areas)
        return areas.first || empty if areas.size < 2

        FACTORY.collection(areas).unary_union
      end

      # The polygons in whatever GEOS answered with; lines and points that an intersection left over are dropped.
      # @return [Array<RGeo::Feature::Polygon>]
      def polygons(geometry)
        case geometry.geometry_type
        when RGeo::Feature::Polygon then geometry.empty? ? [] : [geometry]
        when RGeo::Feature::MultiPolygon, RGeo::Feature::GeometryCollection
          geometry.flat_map { |part| polygons(part) }
        else []
        end
      end

      # How often the width of an area is halved in the search of its widest spot.
      HALVINGS = 6
      private_constant :HALVINGS

      # @return [Array(Float, Float)] mm; a place that lies farthest from the area's edge, but for 1/64 of the widest circle of its size
      def widest_spot(area)
        low, high, inner = 0.0, Math.sqrt(area(area) / Math::PI), area
        HALVINGS.times do
          middle = (low + high) / 2
          shrunk = area.buffer(-middle)
          area(shrunk).positive? ? (low, inner = middle, shrunk) : high = middle
        end
        polygons(inner).max_by(&:area).point_on_surface.then { |spot| [spot.x, spot.y] }
      end

      # @return [Float] mm of all lines in whatever GEOS answered with
      def length(geometry) = lines(geometry).sum(0.0, &:length)

      # The lines in whatever GEOS answered with.
      # @return [Array<RGeo::Feature::LineString>]
      def lines(geometry)
        case geometry.geometry_type
        when RGeo::Feature::LineString, RGeo::Feature::LinearRing then [geometry]
        when RGeo::Feature::MultiLineString, RGeo::Feature::GeometryCollection then geometry.flat_map { |part| lines(part) }
        else []
        end
      end

      # @param ring [Array<Array(Float, Float)>] closed or not; it may touch itself, as shores do
      # @return [Float] mm², by the shoelace formula
      def ring_area(ring) = (ring + ring.first(1)).each_cons(2).sum { |(x0, y0), (x1, y1)| (x0 * y1) - (x1 * y0) }.abs / 2

      # @return [Float] mm²
      def area(geometry) = polygons(geometry).sum(0.0, &:area)

      # @return [Array<Array<Array(Float, Float)>>] closed rings, exterior and holes alike
      def rings(geometry)
        polygons(geometry).flat_map do |polygon|
          [polygon.exterior_ring, *polygon.interior_rings].map { |ring| coordinates(ring) }
        end
      end

      def coordinates(line) = line.points.map { |point| [point.x, point.y] }

      # @return [Array(Float, Float, Float, Float)] min x, min y, max x, max y
      def bounds(geometry)
        box = geometry.envelope
        return coordinates(box.exterior_ring).then { |ring| [*ring[0], *ring[2]] } if box.geometry_type == RGeo::Feature::Polygon

        points = box.respond_to?(:points) ? coordinates(box) : [[box.x, box.y]]
        xs, ys = points.transpose
        [xs.min, ys.min, xs.max, ys.max]
      end

      # @return [Boolean] whether two boxes as of `bounds` meet, edges included
      def boxes_meet?(a, b) = a[0] <= b[2] && b[0] <= a[2] && a[1] <= b[3] && b[1] <= a[3]

      # All pairs of boxes that meet, by a line swept over them from left to right: n log n, where few meet.
      # @param boxes [Array<Array(Float, Float, Float, Float)>]
      # @return [Array<Array(Integer, Integer)>] places, the smaller first
      def meeting(boxes)
        open = []
        boxes.each_index.sort_by { |at| boxes[at][0] }.flat_map do |at|
          open.reject! { |other| boxes[other][2] < boxes[at][0] }
          met = open.select { |other| boxes[other][1] <= boxes[at][3] && boxes[at][1] <= boxes[other][3] }
          open << at
          met.map { |other| [at, other].minmax }
        end
      end
    end
  end
end
