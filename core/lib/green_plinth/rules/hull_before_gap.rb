# frozen_string_literal: true

module GreenPlinth
  module Rules
    class HullBeforeGap < Rule
      code "order/hull_before_gap"
      strength :must
      why "water must meet the hull"
      binds :part
      wait :handle

      private

      def first?(work) = work.phase?(:hull)
      def later?(work) = work.phase?(:gap)
      def bound?(first, later) = first.where == later.where
    end
  end
end
