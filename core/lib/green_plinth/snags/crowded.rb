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

        judgement = Composition::Judgements::Crowding.of(@evaluation)
        return [] unless judgement.crowded?

        layout = @evaluation.layout
        told = "Things stand on #{number(layout.standing_pct)} % of the top, #{number(layout.per_dm2)} on each square decimetre"
        [snag("/features", "#{told}: take out what does not serve the story.", judgement.thinned)]
      end
    end
  end
end
