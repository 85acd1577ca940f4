# frozen_string_literal: true

module GreenPlinth
  module Rules
    class ColourBeforeGreenery < Rule
      code "order/colour_before_greenery"
      strength :school
      why "fibres bar the brush"
      wait :next

      private

      def first?(work) = work.colour? && !work.part.is_a?(Design::Water)
      # Moss that shades the ground is brushed over.
      def later?(work) = work.greenery? && !work.does?("moss")
    end
  end
end
