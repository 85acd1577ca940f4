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
      # Kerbs, slabs, rubble and what is buried come before the grain round them.
      def later?(work) = work.phase?(:hard) && !work.benchwork? && work.on?("lifts_off")
    end
  end
end
