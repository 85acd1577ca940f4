# frozen_string_literal: true

module GreenPlinth
  module Rules
    class TurfBeforeOverspray < Rule
      code "order/turf_before_overspray"
      strength :must
      why "glue on rock catches turf"

      private

      def first?(work) = work.phase?(:flock, :foliage, :leaves, :grass)
      def later?(work) = work.phase?(:overspray)
    end
  end
end
