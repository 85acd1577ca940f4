# frozen_string_literal: true

module GreenPlinth
  module Rules
    class SetInGround < Rule
      code "order/set_in_ground"
      strength :advice
      why "it stands in its ground, not under it"
      wait :next

      private

      # Rock comes before soil, and so do those whose bed is the way of working itself.
      def first?(work) = work.phase?(:texture) && !work.part.is_a?(Design::Feature)
      def later?(work) = work.phase?(:hard) && !work.benchwork? && !work.on?("natural_stone") && !work.does?("in_place")
    end
  end
end
