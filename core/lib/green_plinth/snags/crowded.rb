# frozen_string_literal: true

module GreenPlinth
  module Snags
    # So many things that the eye finds no rest.
    class Crowded < Check
      code "composition/crowded"
      severity "advice"

      def snags
        return [] unless Composition::Judgement::SHOWN.include?(design.purpose)

        taken = @evaluation.layout.taken_pct
        return [] if taken <= Composition::Judgements::Crowding::CROWDED_PCT

        [snag("/features", "Things stand on #{number(taken)} % of the top: take out what does not serve the story.", thinned)]
      end

      private

      # The smallest of the features goes first.
      def thinned
        least = design.features.select { |feature| Composition::Standing.outlined?(feature) && design.features.none? { |other| other["host"] == feature.id } }
          .min_by { |feature| Plan::Outline.polygon(feature.outline).area }
        least && take_out("take out #{least.name}", least.pointer)
      end
    end
  end
end
