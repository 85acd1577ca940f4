# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GapBeforeLastCoat < Rule
      code "order/gap_before_last_coat"
      strength :must
      why "water must meet the hull"
      wait :next

      private

      # The last layer poured or brushed over the water that the hull lies in.
      def first?(work) = work.phase?(:gap)
      def later?(work) = work.phase?(:pour, :surface) && last?(work)

      def last?(work) = @works.none? { |other| other.phase?(:pour, :surface) && same_pile?(work, other) && other.stack[1] > work.stack[1] }
    end
  end
end
