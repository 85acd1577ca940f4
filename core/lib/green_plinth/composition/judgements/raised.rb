# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # How far the ground raises a figure that is played with, against the maker's own limit.
      class Raised < Judgement
        title "Raised by"
        how "the highest ground under a subject − the plinth's top face",
          from: "the relief, against your own limit"
        weight 120
        purposes "played"
        # Nobody measures closer; and the thinnest sheet worth laying, mm.
        SLACK_MM = 0.05
        THINNEST_MM = 0.5

        def verdict
          return if design.subjects.empty?

          subject, raised = heights.max_by(&:last)
          limit = design.limits.raise_mm
          stands = "#{subject.name.capitalize} stands #{mm(raised)} above the top"
          return judged("unknown", "#{stands}. #{ASK}", figure: raised, unit: "mm") unless limit

          word = too_far.empty? ? "good" : "trouble"
          judged(word, "#{stands}; your limit is #{mm(limit)}.", figure: raised, unit: "mm",
            marks: [Mark.point(subject.at_mm, word, mm(raised))], fixes: too_far.map { |one, high| lowered(one, high - limit) })
        end

        # @return [Array<Array(Design::Subject, Float)>] those raised over the maker's limit, with mm above the top
        def too_far
          limit = design.limits.raise_mm or return []
          heights.select { |_, raised| raised > limit + SLACK_MM }
        end

        # The topmost sheets under it, thinner.
        def lowered(subject, excess)
          foot = Plan::Geos.point(subject.at_mm)
          form = design.forms.reverse.find { |other| other.lift? && other.area.contains?(foot) } or return
          thin = ((form.thickness_mm - excess) / form.sheets).floor(2)
          put("make #{form.name} #{form.sheets} × #{mm(thin)}", "#{form.pointer}/sheet_mm", thin) if thin >= THINNEST_MM
        end

        private

        def heights = @heights ||= design.subjects.map { |subject| [subject, @evaluation.solids.foot(subject)] }

        ASK = "Type how far your rules let it be raised, and this says whether that is kept."
        private_constant :ASK
      end
    end
  end
end
