# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GelBeforeWhite < Rule
      code "order/gel_before_white"
      strength :must
      why "white tones the gel down"
      wait :next

      private

      def first?(work) = work.phase?(:surface)
      def later?(work) = work.phase?(:foam)

      # The last clear coat goes on after the white.
      def bound?(first, later) = !(same_pile?(first, later) && first.stack[1] > later.stack[1])
    end
  end
end
