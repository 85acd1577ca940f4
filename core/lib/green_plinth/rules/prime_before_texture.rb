# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PrimeBeforeTexture < Rule
      code "order/prime_before_texture"
      strength :school
      why "coloured paste goes on a primed base"
      wait :next

      private

      def first?(work) = work.phase?(:prime)
      def later?(work) = work.ground?
    end
  end
end
