# frozen_string_literal: true

module GreenPlinth
  module Rules
    # What is poured first would run down beside the hull and under it.
    class GapBeforePour < Rule
      code "order/gap_before_pour"
      strength :must
      why "what is poured runs down beside the hull"
      wait :next

      private

      def first?(work) = work.phase?(:gap)
      def later?(work) = work.phase?(:pour)
    end
  end
end
