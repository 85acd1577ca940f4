# frozen_string_literal: true

module GreenPlinth
  module Rules
    class HullFinishedBeforeSet < Rule
      code "order/hull_finished_before_set"
      strength :must
      why "no masking against water"
      binds :part
      wait :next

      private

      def first?(work) = work.phase?(:paint_subject, :clean)
      def later?(work) = work.phase?(:hull)
    end
  end
end
