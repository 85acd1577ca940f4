# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BaseCoatWhileReachable < Rule
      code "order/base_coat_while_reachable"
      strength :advice
      why "assembly hides faces"
      binds :anything
      wait :next

      private

      def first?(work) = work.phase?(:prime, :paint) && work.part.is_a?(Design::Feature)
      def later?(work) = work.phase?(:frames)
      def bound?(first, later) = first.part.pointer == later.part.pointer
    end
  end
end
