# frozen_string_literal: true

module GreenPlinth
  module Rules
    class TrackBeforeRoad < Rule
      code "order/track_before_road"
      strength :must
      why "the road is profiled to the rail"
      wait :next

      private

      def first?(work) = work.does?("rails")
      def later?(work) = work.does?("roads") || (work.does?("ways") && work.on?("roadway"))
    end
  end
end
