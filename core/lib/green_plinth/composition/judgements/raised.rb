# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # How far the ground raises a figure that is played with, against the maker's own limit.
      class Raised < Judgement
        title "Raised by"
        weight 120
        purposes "played"

        def verdict
          return if design.subjects.empty?

          subject = design.subjects.max_by { |one| @evaluation.solids.foot(one) }
          raised = @evaluation.solids.foot(subject)
          limit = design.limits.raise_mm
          stands = "#{subject.name.capitalize} stands #{mm(raised)} above the top"
          return judged("unknown", "#{stands}. #{ASK}", figure: raised, unit: "mm") unless limit

          word = raised <= limit ? "good" : "trouble"
          judged(word, "#{stands}; your limit is #{mm(limit)}.", figure: raised, unit: "mm",
            marks: [Mark.point(subject.at_mm, word, mm(raised))])
        end

        ASK = "Type how far your rules let it be raised, and this says whether that is kept."
        private_constant :ASK
      end
    end
  end
end
