# frozen_string_literal: true

module GreenPlinth
  module Rules
    # Found wood and root that keep their own colour; stone is painted with the ground.
    class NaturalAfterPaint < Rule
      code "order/natural_after_paint"
      strength :advice
      why "what keeps its own colour is set when the ground has its own"
      wait :next

      private

      def first?(work) = work.colour? && !work.part.is_a?(Design::Feature)
      def later?(work) = work.phase?(:hard) && work.natural? && !work.on?("natural_stone")
    end
  end
end
