# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Subjects that fill the top or are lost on it, by the share that suits the purpose.
    class Swamped < Check
      code "composition/share"
      severity "advice"
      weight 510

      def snags
        judgement = Composition::Judgements::Presence.of(@evaluation)
        return [] unless judgement.off?

        low, usual, high = design.purpose["shares_pct"]
        share = judgement.share
        word = share < low ? "are lost on it" : "swamp it"
        suits = "about #{usual} % suits a #{design.purpose.name} (#{low}–#{high} %)"
        [snag("/plinth/outline", "The subjects stand on #{number(share)} % of the top and #{word}: #{suits}.", *judgement.sizes)
          .drawn(Figure.measure(share, "%", least: low, most: high))]
      end
    end
  end
end
