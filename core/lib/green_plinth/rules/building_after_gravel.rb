# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BuildingAfterGravel < Rule
      code "order/building_after_gravel"
      strength :advice
      why "on clean ground with pliable glue it lifts off again"
      wait :next

      private

      def first?(work) = work.phase?(:grain, :texture)
      def later?(work) = work.phase?(:hard) && !work.on?("natural_stone")
    end
  end
end
