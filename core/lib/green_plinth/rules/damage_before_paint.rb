# frozen_string_literal: true

module GreenPlinth
  module Rules
    class DamageBeforePaint < Rule
      code "order/damage_before_paint"
      strength :advice
      why "paint covers raw cuts"
      wait :next

      private

      def first?(work) = work.phase?(:impress, :damage)
      def later?(work) = work.phase?(:prime, :paint)
    end
  end
end
