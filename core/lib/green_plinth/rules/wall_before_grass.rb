# frozen_string_literal: true

module GreenPlinth
  module Rules
    class WallBeforeGrass < Rule
      code "order/wall_before_grass"
      strength :must
      why "it beds on soil, not on fibres"
      wait :handle

      private

      def first?(work) = work.phase?(:hard)
      def later?(work) = work.greenery?
    end
  end
end
