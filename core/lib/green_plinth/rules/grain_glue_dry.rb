# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GrainGlueDry < Rule
      code "order/grain_glue_dry"
      strength :must
      why "the next layer drags wet grains"
      wait :next
      follows_the_pile

      private

      def first?(work) = work.phase?(:grain)
      def later?(work) = work.colour? || work.greenery?
    end
  end
end
