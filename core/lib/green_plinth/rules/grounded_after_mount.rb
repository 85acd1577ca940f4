# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GroundedAfterMount < Rule
      code "order/grounded_after_mount"
      strength :school
      why "it is brought up to the feet"
      wait :handle

      private

      def first?(work) = work.phase?(:mount)
      def later?(work) = work.phase?(:texture)
    end
  end
end
