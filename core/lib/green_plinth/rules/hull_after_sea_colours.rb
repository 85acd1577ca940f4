# frozen_string_literal: true

module GreenPlinth
  module Rules
    # What is painted under a water is painted before the hull lies in it.
    class HullAfterSeaColours < Rule
      code "order/hull_after_sea_colours"
      strength :must
      why "no brush gets under it"
      wait :handle

      private

      def first?(work) = work.colour? && work.part.is_a?(Design::Water) && work.stack[1].negative?
      def later?(work) = work.phase?(:hull)
    end
  end
end
