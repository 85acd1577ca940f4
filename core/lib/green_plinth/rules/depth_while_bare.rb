# frozen_string_literal: true

module GreenPlinth
  module Rules
    class DepthWhileBare < Rule
      code "order/depth_while_bare"
      strength :must
      why "closed ground cannot be deepened"

      private

      def first?(work) = work.phase?(:cut)
      def later?(work) = work.lays_ground? || work.colour? || work.greenery?
    end
  end
end
