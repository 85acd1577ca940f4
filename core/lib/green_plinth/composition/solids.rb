# frozen_string_literal: true

module GreenPlinth
  module Composition
    # Everything that stands on a base, as solids.
    class Solids
      # @param terrain [Relief::Terrain]
      # @param pools [Array<Waters::Pool>]
      # @param features [Array<Solid>] those of the features, where they are known already
      def initialize(design, terrain, pools, features: nil)
        @design = design
        @terrain = terrain
        @pools = pools
        @features = features
      end

      # @return [Array<Solid>]
      def features = @features ||= @design.features.flat_map { |feature| of_feature(feature) }

      # @return [Array<Solid>] features then subjects, in the order of the file; a tree gives its trunk and its crown
      def all = @all ||= features + @design.subjects.filter_map { |subject| of_subject(subject) }

      # @return [Array<Solid>] those that hide what is behind them
      def hiding = all.reject { |solid| solid.part.kind.trait?("looked_through") }

      # @return [Float] mm above the top face: where a part stands; a hull floats on its water
      def foot(part)
        x, y = part.middle
        (afloat(x, y) if part.set_in_water?) || @terrain.height_at(x, y) || 0.0
      end

      private

      def afloat(x, y)
        @pools.select(&:wet?).find { |pool| pool.water.area.contains?(Plan::Geos.point([x, y])) }&.surface_at(x, y)
      end

      def of_subject(subject)
        height = subject.height_mm or return
        low = foot(subject)
        Solid.new(subject, subject.footprint_area, low, low + height)
      end

      def of_feature(feature)
        height = feature.height_mm
        return [] unless height&.positive? && feature.outlined?

        low = foot(feature)
        shape = feature.area
        return [Solid.new(feature, shape, low, low + height)] unless feature.kind.trait?("crowned") && feature.crown_mm

        bottom = low + (height * feature.kind["trunk_share"])
        crown = Plan::Outline.polygon({ "kind" => "round", "diameter_mm" => feature.crown_mm, "at_mm" => feature.middle })
        [(Solid.new(feature, shape, low, bottom) if bottom > low), Solid.new(feature, crown, bottom, low + height)].compact
      end
    end
  end
end
