# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Whether the ground under each subject is level enough to stand on.
      class StandingRoom < Judgement
        title "Room for the feet"

        def verdict
          tilts = design.subjects.reject { |subject|
 subject.kind == "hull" }.filter_map { |subject| @evaluation.footing.uneven_mm(subject)&.then { |mm|
 [subject, mm] } }
          return if tilts.empty?

          subject, worst = tilts.max_by(&:last)
          judged(worst <= Footing::LEVEL_MM ? "good" : "trouble", sentence(subject, worst), figure: worst, unit: "mm", marks: tilts.flat_map { |one, mm|
 marks(one, mm) })
        end

        private

        def sentence(subject, worst)
          return "Every subject has level ground under it, within #{mm(worst)}." if worst <= Footing::LEVEL_MM

          "Under #{subject.name} the ground differs by #{mm(worst)}: it will rock or stand on its edge."
        end

        def marks(subject, uneven)
          tone = uneven <= Footing::LEVEL_MM ? "good" : "trouble"
          [Mark.area(Standing.footprint(subject), tone), Mark.point(subject.at_mm, tone, "±#{number(uneven / 2)} mm")]
        end
      end
    end
  end
end
