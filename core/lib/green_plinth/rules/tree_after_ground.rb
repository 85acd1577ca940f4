# frozen_string_literal: true

module GreenPlinth
  module Rules
    class TreeAfterGround < Rule
      code "order/tree_after_ground"
      strength :advice
      why "then litter goes round its foot"
      wait :next

      private

      def first?(work) = work.ground? || work.colour?
      def later?(work) = work.does?("plants")
    end
  end
end
