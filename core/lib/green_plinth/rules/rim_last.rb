# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RimLast < Rule
      code "order/rim_last"
      strength :must
      why "every step soils it"

      private

      def first?(work) = !work.phase?(:rim, :plaque) && !work.apart? && !work.benchwork?
      def later?(work) = work.phase?(:rim) && work.coat == 1
      def at_least(first, _later) = first.phase?(:pour) ? first.stages.after(:handle) || 0 : 0
    end
  end
end
