# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # How far the ground raises a figure that is played with, against the maker's own limit.
      class Raised < Judgement
        title "Raised by"
        purposes PLAYED

        def verdict
          return if design.subjects.empty?

          subject = design.subjects.max_by { |one| @evaluation.solids.foot(one) }
          raised = @evaluation.solids.foot(subject)
          limit = design.limits["raise_mm"]
          return judged("unknown", "#{subject.name.capitalize} stands #{mm(raised)} above the top. Type how far your rules let it be raised, and this says whether that is kept.",
            figure: raised, unit: "mm") unless limit

          judged(raised <= limit ? "good" : "trouble", "#{subject.name.capitalize} stands #{mm(raised)} above the top; your limit is #{mm(limit)}.", figure: raised, unit: "mm",
            marks: [Mark.point(subject.at_mm, raised <= limit ? "good" : "trouble", mm(raised))])
        end
      end
    end
  end
end
