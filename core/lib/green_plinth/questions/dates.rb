# frozen_string_literal: true

module GreenPlinth
  module Questions
    # The dates that a way of building comes to.
    class Dates
      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @finish_by = evaluation.design.calendar.finish_by
      end

      # @return [Hash] minutes and moments; raises Infeasible
      def to_h
        answer = @evaluation.schedule
        { "ready_at" => Moment.format(answer.ready_at), "late_min" => @finish_by && (answer.ready_at - @finish_by),
          "hands_on_min" => answer.network.steps.sum(&:hands_on_min), "sittings" => Schedule::Sittings.of(answer).size }
      end

      # @return [Hash{String => Integer}] in how many layers each water is poured
      def pours = @evaluation.pools.to_h { |pool| [pool.id, pool.pours] }
    end
  end
end
