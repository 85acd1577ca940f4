# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PrimeBeforeTexture < Rule
      code "order/prime_before_texture"
      strength :school
      why "coloured paste goes on a primed base"
      wait :next
      follows_the_pile

      private

      def first?(work) = work.phase?(:prime)
      def later?(work) = work.ground? && !work.does?("roads") && !work.of?("plaster")
    end
  end
end
