# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Nothing at the back of a base that is looked at all round: from there it shows its bare low rear.
    class BareRear < Check
      code "composition/bare_rear"
      severity "advice"
      weight 146

      # Smaller bases have no rear to speak of (from memory), mm.
      LEAST_MM = 80
      # Ground that rises by this share of the longer side over the rest is not low (from memory).
      LOW = 0.03
      RAISE = 0.06

      def snags
        return [] unless design.purpose.trait?("all_round") && heights.longer_side >= LEAST_MM && !heights.flat?
        return [] unless design.subjects.any? && bare? && low?

        [snag("/plinth/outline", "Behind everything that stands the back third is bare and low: seen from there, nothing answers it.",
          heights.raised(RAISE))]
      end

      private

      def heights = @evaluation.heights
      def back = heights.back

      # Nothing stands or lies there, and nothing grows there.
      def bare?
        standing = design.subjects.map(&:shadow) + design.outlined_features.map(&:area) + design.waters.map(&:area)
        standing.none? { |shape| shape.intersects?(back) } && zones_in(back).none? { |zone| grown?(zone) }
      end

      def grown?(zone) = zone.courses.any? { |course| course.material&.trait?("grows") }

      def low?
        _, rear = terrain.range_in(back)
        _, rest = terrain.range_in(@evaluation.ground.foot.difference(back))
        rear && rest && rear < rest + (LOW * heights.longer_side) && rear < terrain.lowest_mm + (LOW * heights.longer_side)
      end
    end
  end
end
