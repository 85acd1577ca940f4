# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # What hides what, from where the base is looked at.
      class SightLines < Judgement
        title "What the eye sees"
        how "what the eye sees of a subject past what stands and lies before it ÷ all of it",
          from: "lines of sight over the relief and solids"
        weight 20
        purposes "shown"
        # Less of a subject than this is a crowd's back row (from memory), percent.
        ENOUGH_PCT = 60

        def verdict
          known = seen.compact
          return if design.subjects.empty?
          return judged("unknown", "Give the subjects their heights, then this says what hides what.", unit: "%") if known.empty?

          subject, worst = known.min_by(&:last)
          judged(worst >= ENOUGH_PCT ? "good" : "look", sentence(subject, worst), figure: worst, unit: "%", marks: marks)
        end

        private

        def seen = @seen ||= design.subjects.map { |subject| @evaluation.sight.visible_pct(subject)&.then { |pct| [subject, pct] } }

        def sentence(subject, worst)
          from = "From #{number(eye.elevation_deg)}° above #{side}"
          return "#{from} every subject is seen whole." if worst > 99.5

          hiders = @evaluation.sight.hidden_by(subject).first(2).map { |pointer, pct| "#{name(pointer)} hides #{number(pct)} %" }
          "#{from} #{number(worst)} % of #{subject.name} is seen: #{hiders.join(", ")}."
        end

        def side
          { 0 => "the front", 90 => "the right side", 180 => "the back", 270 => "the left side" }.fetch(eye.direction_deg.round,
            "the side at #{number(eye.direction_deg)}°")
        end

        def name(pointer) = pointer.empty? ? "the ground" : part(pointer).name
        def part(pointer) = (design.features + design.subjects).find { |other| other.pointer == pointer }

        def marks
          seen.compact.flat_map do |subject, pct|
            lines = @evaluation.sight.hidden_by(subject).reject { |pointer, _| pointer.empty? }.map do |pointer, _|
              Mark.line([subject.at_mm, part(pointer).middle], "trouble")
            end
            [Mark.point(subject.at_mm, pct >= ENOUGH_PCT ? "good" : "trouble", "#{number(pct)} % seen"), *lines]
          end
        end
      end
    end
  end
end
