# frozen_string_literal: true

module GreenPlinth
  module Rules
    class UnmaskWet < Rule
      code "order/unmask_wet"
      strength :must
      why "set glue tears the edge"

      private

      # The mask comes off the last that was laid over it.
      def first?(work) = work.phase?(:grain, :ballast) && !covered?(work)
      def later?(work) = work.phase?(:unmask)
      def at_most(first, _later) = first.stages.open_min&.floor

      def covered?(work) = @works.any? { |other| other.phase?(:grain) && same_pile?(work, other) && over?(other, work) }
      def over?(other, work) = ([other.stack[1], other.coat] <=> [work.stack[1], work.coat]).positive?
    end
  end
end
