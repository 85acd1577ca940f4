# frozen_string_literal: true

module GreenPlinth
  module Bench
    # A build as its plan stands at a moment: what was planned to be begun by then and was not is planned anew, since time has passed.
    class AsOf
      # @param evaluation [Evaluation] by what has happened
      # @param evaluate [#call] Design → Evaluation
      def initialize(evaluation, evaluate)
        @evaluation = evaluation
        @evaluate = evaluate
      end

      # @param minute [Integer]
      # @return [Evaluation] the same one where nothing was missed
      def at(minute)
        return @evaluation unless missed?(minute)

        design = @evaluation.design
        @evaluate.call(design.with("progress", (design.member("progress") || {}).merge("as_of" => Moment.format(minute))))
      end

      # At the bench nobody waits for the day on which the plan begins: before it, it begins now.
      # @param minute [Integer]
      # @return [Evaluation]
      def at_bench(minute)
        design = @evaluation.design
        return at(minute) if minute >= design.calendar.start

        @evaluate.call(design.with("calendar", (design.member("calendar") || {}).merge("start" => Moment.format(minute))))
      end

      private

      # Time is planned in minutes: what begins in this one is begun in time.
      def missed?(minute)
        return false if (@evaluation.design.progress.as_of || minute - 1) >= minute || @evaluation.infeasible

        @evaluation.schedule.network.steps.any? { |node| !node.done? && @evaluation.schedule.start(node.id) < minute }
      end
    end
  end
end
