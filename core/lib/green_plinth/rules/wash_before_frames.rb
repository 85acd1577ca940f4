# frozen_string_literal: true

module GreenPlinth
  module Rules
    class WashBeforeFrames < Rule
      code "order/wash_before_frames"
      strength :advice
      why "frames stay clean"
      binds :anything
      wait :next

      private

      def first?(work) = work.phase?(:wash)
      def later?(work) = work.phase?(:frames)
      def bound?(first, later) = first.part.pointer == later.part.pointer
    end
  end
end
