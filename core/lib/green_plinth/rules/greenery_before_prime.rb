# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GreeneryBeforePrime < Rule
      code "order/greenery_before_prime"
      strength :school
      why "sprayed from all sides, no bright green is left"
      wait :next

      private

      def first?(work) = work.greenery?
      def later?(work) = work.phase?(:prime)
    end
  end
end
