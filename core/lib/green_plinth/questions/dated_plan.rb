# frozen_string_literal: true

module GreenPlinth
  module Questions
    # What is asked of a build where several are looked at together: its steps and their dates, without the ground and all that
    # was computed on the way to them, so that many can be remembered at once.
    class DatedPlan
      attr_reader :design, :steps, :schedule, :network

      # @param steps [Array<Steps::Step>]
      # @param schedule [Schedule::Answer]
      # @param network [Schedule::Network] that it is of
      def initialize(design, steps, schedule, network)
        @design = design
        @steps = steps
        @schedule = schedule
        @network = network
      end

      # @return [Timeline]
      def timeline = @timeline ||= Timeline.new(steps, schedule)
    end
  end
end
