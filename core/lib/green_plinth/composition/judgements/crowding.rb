# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # How much of the top is taken by things that stand on it.
      class Crowding < Judgement
        title "Room to breathe"
        purposes SHOWN
        # Above this the eye finds no rest (from memory), percent.
        CROWDED_PCT = 65

        def verdict
          return if design.subjects.empty? && design.features.empty?

          taken = layout.taken_pct
          crowded = taken > CROWDED_PCT
          count = design.subjects.size + design.features.size
          judged(crowded ? "look" : "good", "#{count} thing#{"s" unless count == 1} take#{"s" if count == 1} #{number(taken)} % of the top" \
                                            "#{crowded ? ": take out what does not serve the story" : ""}.", figure: taken, unit: "%", marks: [Mark.area(layout.taken, crowded ? "trouble" : "guide")])
        end
      end
    end
  end
end
