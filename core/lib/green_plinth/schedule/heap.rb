# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Steps that may be placed, most urgent first; ties go by id, so that the same network has the same schedule.
    class Heap
      def initialize(urgency)
        @urgency = urgency
        @steps = []
      end

      def push(step)
        key = key(step)
        @steps.insert(@steps.bsearch_index { |other| (key(other) <=> key).positive? } || @steps.size, step)
      end

      def pop = @steps.shift
      def drop(step) = @steps.delete(step)

      private

      def key(step) = [-@urgency[step.id], step.id]
    end
  end
end
