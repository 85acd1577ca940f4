# frozen_string_literal: true

module GreenPlinth
  module Rules
    class TextureBeforePrime < Rule
      code "order/texture_before_prime"
      strength :school
      why "primer evens colour and binds grain"
      wait :next
      follows_the_pile

      private

      def first?(work) = work.ground?
      def later?(work) = work.phase?(:prime)
    end
  end
end
