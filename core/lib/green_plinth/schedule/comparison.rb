# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Two ways of building, side by side: dates, work, money, snags, and which steps only one of them has or has at another time.
    class Comparison
      # @param one [Evaluation]
      # @param other [Evaluation]
      def initialize(one, other)
        @sides = [one, other]
      end

      # @return [Hash] what each side comes to, and what is only in the one, only in the other, or in both at another time
      def to_h
        { "sides" => @sides.map { |side| summary(side) }, "only_first" => titles(0) - titles(1), "only_second" => titles(1) - titles(0), "moved" => moved,
          "snags_gone" => snags(0) - snags(1), "snags_new" => snags(1) - snags(0) }
      end

      private

      def summary(evaluation)
        lines = evaluation.quantities
        { "title" => evaluation.design.title, "steps" => evaluation.order.steps.size, "hands_on_min" => evaluation.order.steps.sum(&:hands_on_min),
          "buy_minor" => lines.sum { |line| line.cost_minor || 0 }, "used_minor" => lines.sum { |line| line.used_minor || 0 },
          "snags" => evaluation.snags.size }.merge(dates(evaluation))
      end

      def dates(evaluation)
        answer = evaluation.schedule
        finish_by = evaluation.design.calendar.finish_by
        { "ready_at" => Moment.format(answer.ready_at), "late_min" => finish_by && (answer.ready_at - finish_by), "sittings" => Sittings.of(answer).size,
          "hours" => Sittings.of(answer).map { |sitting| [Moment.format(sitting.from), Moment.format(sitting.to)] }, "infeasible" => nil }
      rescue Infeasible => e
        { "ready_at" => nil, "late_min" => nil, "sittings" => nil, "hours" => [], "infeasible" => e.message }
      end

      def titles(side) = @sides[side].order.steps.map(&:title).uniq
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
        evaluation.order.steps.to_h { |step| [step.title, answer.start(step.id)] }
      rescue Infeasible
        {}
      end
    end
  end
end
