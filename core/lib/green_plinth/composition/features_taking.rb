# frozen_string_literal: true

module GreenPlinth
  module Composition
    # What the features of a base take of its plan, remembered while none of them changes.
    class FeaturesTaking
      # Corners nearer to their chord than this tell nothing of how a base is filled, mm.
      SIMPLIFY_MM = 0.05

      # @param features [Array<Design::Feature>] those with a place of their own
      def initialize(features)
        @features = features
      end

      # @return [RGeo geometry] left for right
      def self.mirror(area)
        flip = ->(ring) { Plan::Geos::FACTORY.linear_ring(ring.points.map { |point| Plan::Geos.point([-point.x, point.y]) }) }
        turned = Plan::Geos.polygons(area).map do |polygon|
          Plan::Geos::FACTORY.polygon(flip[polygon.exterior_ring], polygon.interior_rings.map(&flip))
        end
        Plan::Geos.union(turned)
      end

      # @return [Array<Array(Feature, RGeo geometry, bounds)>]
      def outlined
        @outlined ||= @features.map do |feature|
          shape = feature.area
          [feature, shape, Plan::Geos.bounds(shape)]
        end
      end

      # @return [Integer] of those that stand
      def count = upright.size

      # Roads, rails and paving are ground to the eye.
      # @return [RGeo geometry] under what stands
      def standing = @standing ||= union(upright)

      # @return [Float] mm² of an area under what stands; asked of one and the same top again and again
      def standing_on(top)
        @on = [top, Plan::Geos.area(standing.intersection(top))] unless @on&.first.equal?(top)
        @on.last
      end

      # @return [RGeo geometry] under what stands and under ways
      def all = @all ||= Plan::Geos.union([standing, union(ways.first)])

      # @return [RGeo geometry] all of it, left for right
      def mirrored = @mirrored ||= self.class.mirror(all)

      # @return [RGeo geometry] what its own mirror image covers again
      def mirrored_again = @mirrored_again ||= all.intersection(mirrored)

      private

      def upright = ways.last
      def ways = @ways ||= outlined.partition { |feature, _, _| feature.kind.trait?("trodden") }
      def union(parts) = Plan::Geos.union(parts.map { |_, shape, _| shape.simplify(SIMPLIFY_MM) })
    end
  end
end
