# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A part with a flat foot over the edge of a terrace: one end of it hangs in the air, or is sunk in the bank.
    class FeatureHangs < Check
      code "fit/feature_hangs"
      severity "spoils"
      weight 347

      # A step of this height shows (from memory), mm.
      STEP_MM = 2.0
      # On a terrace the ground lies high or low and hardly between; less of the foot than this on one side is a course's edge.
      BETWEEN = 0.3
      LEAST = 0.1
      MARGIN = 0.2

      def snags
        design.outlined_features.select { |feature| feature.kind.trait?("flat_foot") && !feature.strip? }.filter_map do |feature|
          step = step_under(feature) or next

          snag(feature.pointer, "The ground under #{feature.name} drops by #{mm(step)}: one end of it hangs in the air, or is sunk.",
            move(feature, @evaluation.nearest_place.find(feature) { |there| level?(there) }, "to level ground"))
            .drawn(Figure.measure(step, "mm", most: STEP_MM))
        end
      end

      private

      # @return [Float, nil] mm
      def step_under(feature)
        heights = terrain.heights_in(feature.area)
        return if heights.nil? || heights.empty?

        low, high = heights.min, heights.max
        return if high - low < STEP_MM

        margin = (high - low) * MARGIN
        below, above = [heights < low + margin, heights > high - margin].map { |side| side.count_true.fdiv(heights.size) }
        high - low if [below, above].min > LEAST && 1 - below - above < BETWEEN
      end

      def level?(feature)
        heights = terrain.heights_in(feature.area)
        heights && !heights.empty? && heights.max - heights.min <= Composition::Footing::LEVEL_MM
      end
    end
  end
end
