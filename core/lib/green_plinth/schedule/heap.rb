# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Places of steps that may be laid, most urgent first; ties go by place, so that the same network has the same schedule.
    class Heap
      # @param urgency [Array<Numeric>] by place; may grow while its step is not in the heap
      def initialize(urgency)
        @urgency = urgency
        @places = []
      end

      def push(place)
        mine = @urgency[place]
        at = @places.bsearch_index do |other|
          theirs = @urgency[other]
          theirs < mine || (theirs == mine && other > place)
        end
        @places.insert(at || @places.size, place)
      end

      def pop = @places.shift
      def drop(place) = @places.delete(place)
    end
  end
end
