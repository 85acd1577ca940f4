# frozen_string_literal: true

module GreenPlinth
  module Rules
    class OpeningsAfterPaint < Rule
      code "order/openings_after_paint"
      strength :advice
      why "painted foam cuts cleaner"
      binds :anything
      wait :next

      private

      def first?(work) = work.colour?
      def later?(work) = work.phase?(:openings)
      def bound?(first, later) = first.part.pointer == later.part.pointer
    end
  end
end
