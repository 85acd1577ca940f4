# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Two upright parts that would stand in one place.
    class FeaturesOverlap < Check
      code "fit/features_overlap"
      severity "spoils"
      weight 185

      # Of the smaller so much may be shared: feet are sunk and foliage gives way (from memory).
      ALLOWED = 0.25

      def snags
        upright = design.outlined_features.select { |feature| feature.kind.trait?("bars_feet") }
        pairs = Plan::Geos.meeting(upright.map { |feature| Plan::Geos.bounds(feature.area) }).sort
        pairs.map { |pair| upright.values_at(*pair) }.filter_map { |one, other| judged(one, other) unless hosted?(one, other) }
      end

      private

      # What stands on, in or along another is meant to.
      def hosted?(one, other) = one.host == other.id || other.host == one.id || [one, other].any?(&:strip?)

      def judged(one, other)
        return unless one.area.intersects?(other.area)

        shared = Plan::Geos.area(one.area.intersection(other.area))
        mover, still = [one, other].minmax_by { |part| part.area.area }
        return if shared <= ALLOWED * mover.area.area

        both = "#{mover.name.capitalize} and #{still.name} stand on the same #{number(shared)} mm²"
        snag(mover.pointer, "#{both}: only one of them fits there.",
          move(mover, @evaluation.nearest_place.find(mover, toward: away_from(still, mover))))
      end
    end
  end
end
