# frozen_string_literal: true

module GreenPlinth
  module Plan
    # Which of many places lie within an area: asked of all of them at once, by how often a line from each crosses the area's edge.
    module Inside
      # @param area [RGeo geometry] polygons, holes and all
      # @param xs [Numo::DFloat] mm, of any shape
      # @param ys [Numo::DFloat] mm, of the same
      # @return [Numo::Bit] of the same shape; what lies on the very edge may be told either way
      def self.of(area, xs, ys)
        crossings = Numo::Int32.zeros(xs.size)
        across, up = xs.flatten, ys.flatten
        Geos.rings(area).each do |ring|
          near = beside(ring, across, up)
          crossings[near] += crossings(ring, across[near], up[near]) unless near.empty?
        end
        (crossings % 2).eq(1).reshape(*xs.shape)
      end

      # What lies beyond a ring's box to the right, above or below crosses none of it.
      def self.beside(ring, xs, ys)
        (low, high), right = ring.map(&:last).minmax, ring.map(&:first).max
        (ys.ge(low) & ys.le(high) & xs.le(right)).where
      end

      def self.crossings(ring, xs, ys)
        ring.each_cons(2).reduce(Numo::Int32.zeros(xs.size)) do |sum, ((x0, y0), (x1, y1))|
          next sum if y0 == y1

          sum + (ys.ge([y0, y1].min) & ys.lt([y0, y1].max) & xs.lt(((ys - y0) * ((x1 - x0) / (y1 - y0))) + x0))
        end
      end
      private_class_method :beside, :crossings
    end
  end
end
