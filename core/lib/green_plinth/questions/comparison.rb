# frozen_string_literal: true

module GreenPlinth
  module Questions
    # Two ways of building, side by side: dates, work, money, snags, and which steps only one of them has or has at another time.
    class Comparison
      # @param one [Evaluation]
      # @param other [Evaluation]
      def initialize(one, other)
        @sides = [one, other]
      end

      # @return [Hash] what each side comes to, and what is only in the one, only in the other, or in both at another time
      def to_h
        { "sides" => @sides.map { |side| summary(side) }, "only_first" => titles(0) - titles(1), "only_second" => titles(1) - titles(0),
          "moved" => moved, "snags_gone" => snags(0) - snags(1), "snags_new" => snags(1) - snags(0) }
      end

      private

      def summary(evaluation)
        lines = evaluation.quantities
        { "title" => evaluation.design.title, "steps" => evaluation.steps.size, "hands_on_min" => evaluation.steps.sum(&:hands_on_min),
          "buy_minor" => lines.sum { |line| line.cost_minor || 0 }, "used_minor" => lines.sum { |line| line.used_minor || 0 },
          "snags" => evaluation.snags.size }.merge(dates(evaluation))
      end

      NO_DATES = { "ready_at" => nil, "late_min" => nil, "sittings" => nil, "hours" => [] }.freeze
      private_constant :NO_DATES

      def dates(evaluation)
        hours = Schedule::Sittings.of(evaluation.schedule).map { |sitting| [Moment.format(sitting.from), Moment.format(sitting.to)] }
        Dates.new(evaluation).to_h.slice("ready_at", "late_min", "sittings").merge("hours" => hours, "infeasible" => nil)
      rescue Infeasible => e
        NO_DATES.merge("infeasible" => e.message)
      end

      def titles(side) = @sides[side].steps.map(&:title).uniq
      def snags(side) = @sides[side].snags.map(&:message).uniq

      # Steps of both, where they begin on another day.
      def moved
        dates = @sides.map { |side| starts(side) }
        (dates[0].keys & dates[1].keys).map { |title| [title, dates[0][title], dates[1][title]] }
          .reject { |_, first, second| first / Moment::DAY == second / Moment::DAY }
          .map { |title, first, second| { "title" => title, "first" => Moment.format(first), "second" => Moment.format(second) } }
      end

      def starts(evaluation)
        answer = evaluation.schedule
        evaluation.steps.to_h { |step| [step.title, answer.start(step.id)] }
      rescue Infeasible
        {}
      end
    end
  end
end
