# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Whether the ground under each subject is level enough to stand on.
      class StandingRoom < Judgement
        title "Room for the feet"
        weight 100

        def verdict
          tilts = design.standing.filter_map { |subject| @evaluation.footing.uneven_mm(subject)&.then { |uneven| [subject, uneven] } }
          return if tilts.empty?

          subject, worst = tilts.max_by(&:last)
          judged(worst <= Footing::LEVEL_MM ? "good" : "trouble", sentence(subject, worst), figure: worst, unit: "mm",
            marks: tilts.flat_map { |one, uneven| marks(one, uneven) })
        end

        private

        def sentence(subject, worst)
          return "Every subject has level ground under it, within #{mm(worst)}." if worst <= Footing::LEVEL_MM

          "Under #{subject.name} the ground differs by #{mm(worst)}: it will rock or stand on its edge."
        end

        def marks(subject, uneven)
          tone = uneven <= Footing::LEVEL_MM ? "good" : "trouble"
          [Mark.area(subject.footprint_area, tone), Mark.point(subject.at_mm, tone, "±#{number(uneven / 2)} mm")]
        end
      end
    end
  end
end
