# frozen_string_literal: true

module GreenPlinth
  module Plan
    # A convex area as its edges: tells at once, and for sure, that it meets another whose middle it holds. That it does not
    # is for GEOS to say.
    class Convex
      # Rounding, share of the area.
      EXACT = 1e-9
      private_constant :EXACT

      # @param area [RGeo geometry]
      # @return [Convex, nil] nil of what is hollow or in pieces
      def self.of(area)
        return unless area.geometry_type == RGeo::Feature::Polygon && area.interior_rings.empty? && !area.empty?

        new(area) if area.convex_hull.area <= area.area * (1 + EXACT)
      end

      # @return [Array(Float, Float)] mm
      attr_reader :middle

      # @return [Array<Array(Float, Float, Float)>] a, b and c of each edge: a·x + b·y + c is how far inside of it a point lies, mm
      attr_reader :edges

      # @param area [RGeo geometry] convex
      def initialize(area)
        ring = Geos.coordinates(area.exterior_ring)
        @middle = area.centroid.then { |point| [point.x, point.y] }
        @edges = ring.each_cons(2).filter_map { |from, to| edge(from, to) }
      end

      # @param mm [Float] within its edges by so much
      # @return [Boolean] whether a point lies in it
      def holds?(x, y, mm) = @edges.all? { |a, b, c| (a * x) + (b * y) + c >= mm }

      # @param other [Convex] moved by dx and dy, mm
      # @param mm [Float] to be sure by
      # @return [Boolean] true where they meet for sure
      def meets?(other, dx, dy, mm)
        holds?(other.middle[0] + dx, other.middle[1] + dy, mm) || other.holds?(@middle[0] - dx, @middle[1] - dy, mm)
      end

      private

      # The line through an edge, as its distance from a point, to the inside positive.
      def edge((x0, y0), (x1, y1))
        length = Math.hypot(x1 - x0, y1 - y0)
        return if length.zero?

        a, b = (y0 - y1) / length, (x1 - x0) / length
        c = -((a * x0) + (b * y0))
        (a * @middle[0]) + (b * @middle[1]) + c >= 0 ? [a, b, c] : [-a, -b, -c]
      end
    end
  end
end
