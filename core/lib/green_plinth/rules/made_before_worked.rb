# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MadeBeforeWorked < Rule
      code "order/made_before_worked"
      strength :must
      why "what is not there cannot be worked on"
      binds :part
      wait :handle

      private

      def first?(work) = work.phase?(:hard, :texture, :mount, :hull)
      def later?(work) = work.does?("on_made")
    end
  end
end
