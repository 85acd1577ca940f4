# frozen_string_literal: true

module GreenPlinth
  module Rules
    class CladdingBeforePaint < Rule
      code "order/cladding_before_paint"
      strength :advice
      why "sides take the same coat"
      wait :next

      private

      def first?(work) = work.phase?(:clad)
      def later?(work) = work.phase?(:prime, :paint)
    end
  end
end
