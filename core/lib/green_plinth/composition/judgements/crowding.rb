# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # How much of the top is taken by things that stand on it.
      class Crowding < Judgement
        title "Room to breathe"
        weight 90
        purposes "shown"
        def verdict
          return if design.subjects.empty? && design.features.empty?

          crowded = layout.crowded?
          judged(crowded ? "look" : "good",
            "#{things} #{number(layout.standing_pct)} % of the top#{": take out what does not serve the story" if crowded}.",
            figure: layout.standing_pct, unit: "%", marks: [Mark.area(layout.taken, crowded ? "trouble" : "guide")])
        end

        private

        def things
          count = design.subjects.size + design.features.size
          count == 1 ? "1 thing takes" : "#{count} things take"
        end
      end
    end
  end
end
