# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A gaming figure raised more than the maker's own limit.
    class RaisedTooFar < Check
      code "fit/raised"
      severity "spoils"
      weight 420

      def snags
        judgement = Composition::Judgements::Raised.of(@evaluation)
        limit = design.limits.raise_mm
        judgement.too_far.map do |subject, raised|
          over = "#{mm(raised - limit)} more than your limit of #{mm(limit)}"
          snag(subject.pointer, "#{subject.name.capitalize} stands #{mm(raised)} above the top, #{over}.",
            judgement.lowered(subject, raised - limit)).drawn(Figure.measure(raised, "mm", most: limit))
        end
      end
    end
  end
end
