# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RiggingLast < Rule
      code "order/rigging_last"
      strength :advice
      why "hands would break it"
      binds :anything
      wait :handle

      private

      def first?(work) = !work.phase?(:rigging, :rim, :plaque, :task)
      def later?(work) = work.phase?(:rigging)
    end
  end
end
