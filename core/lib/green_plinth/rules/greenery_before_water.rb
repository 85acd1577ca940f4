# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GreeneryBeforeWater < Rule
      code "order/greenery_before_water"
      strength :must
      why "loose fibres stick in it"
      wait :handle

      private

      def first?(work) = work.greenery?
      def later?(work) = work.phase?(:pour)
    end
  end
end
