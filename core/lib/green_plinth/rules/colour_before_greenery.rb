# frozen_string_literal: true

module GreenPlinth
  module Rules
    class ColourBeforeGreenery < Rule
      code "order/colour_before_greenery"
      strength :school
      why "fibres bar the brush"
      wait :next

      private

      def first?(work) = work.colour?
      def later?(work) = work.greenery?
    end
  end
end
