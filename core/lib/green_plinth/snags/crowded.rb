# frozen_string_literal: true

module GreenPlinth
  module Snags
    # So many things that the eye finds no rest.
    class Crowded < Check
      code "composition/crowded"
      severity "advice"
      weight 70

      def snags
        return [] unless design.purpose.trait?("shown")

        layout = @evaluation.layout
        return [] unless layout.crowded?

        told = "Things stand on #{number(layout.standing_pct)} % of the top, #{number(layout.per_dm2)} on each square decimetre"
        [snag("/features", "#{told}: take out what does not serve the story.", thinned)]
      end

      private

      # The smallest of the features goes first.
      def thinned
        least = design.outlined_features.reject { |feature|
 host?(feature) || feature.kind.trait?("trodden") }.min_by { |feature| feature.area.area }
        least && take_out("take out #{least.name}", least.pointer)
      end

      def host?(feature) = design.features.any? { |other| other.host == feature.id }
    end
  end
end
