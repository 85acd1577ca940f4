# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # When each step is done. Minutes as in Moment.
    class Answer
      attr_reader :network, :starts, :lower_bound

      # @param starts [Hash{String => Integer}]
      # @param lower_bound [Integer] no schedule is ready before this
      def initialize(network, starts, lower_bound)
        @network = network
        @starts = starts
        @lower_bound = lower_bound
      end

      def start(id) = starts.fetch(id)
      def finish(id) = starts.fetch(id) + network.by_id[id].hands_on_min
      def ready(id) = network.later(finish(id), network.by_id[id].tail_min)
      def ready_at = @ready_at ||= starts.keys.map { |id| ready(id) }.max || network.start
      def makespan_min = ready_at - network.start
      def lower_bound_min = lower_bound - network.start

      # The bound is what proves it: a schedule that meets it cannot be beaten.
      def proven_optimal? = ready_at <= lower_bound

      # Minutes each step may slip, with the hands' own order kept, before the ready date does.
      # @return [Hash{String => Integer}]
      def slack = @slack ||= Slack.new(self).call

      # @return [Hash] green-plinth-sequence/1, answered
      def to_h
        { "ready_at" => Moment.format(ready_at), "makespan_min" => makespan_min, "lower_bound_min" => lower_bound_min,
          "proven_optimal" => proven_optimal?,
          "steps" => network.steps.map { |step| placed(step.id) } }
      end

      private

      def placed(id) = { "id" => id, "start" => Moment.format(start(id)), "finish" => Moment.format(finish(id)) }
    end
  end
end
