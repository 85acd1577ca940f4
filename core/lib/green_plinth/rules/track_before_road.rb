# frozen_string_literal: true

module GreenPlinth
  module Rules
    class TrackBeforeRoad < Rule
      code "order/track_before_road"
      strength :must
      why "the road is profiled to the rail"
      wait :next

      private

      def first?(work) = work.technique.key == "lay_track"
      def later?(work) = work.technique.key == "lay_road" || (work.technique.key == "lay_way" && work.part.kind == "road")
    end
  end
end
