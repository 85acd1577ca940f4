# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PrimePaleGround < Rule
      code "order/prime_pale_ground"
      strength :must
      why "white flashes through thin cover"
      wait :next

      private

      # Fillers that dry white, under grain or flock that nothing is painted over.
      def first?(work) = work.phase?(:prime)
      def later?(work) = work.phase?(:grain, :flock) && over_pale?(work) && !painted_over?(work)

      def over_pale?(work) = @works.any? { |other| other.bulk? && other.of?("pale") && @places.meet?(other, work) }
      def painted_over?(work) = @works.any? { |other| other.colour? && same_pile?(other, work) && other.stack[1] > work.stack[1] }
    end
  end
end
