# frozen_string_literal: true

module GreenPlinth
  module Rules
    class NoMattOverGlossWater < Rule
      code "order/no_matt_over_gloss_water"
      strength :must
      why "it kills the shine"
      wait :next

      private

      def first?(work) = work.phase?(:varnish) && work.of?("matt")
      def later?(work) = work.phase?(:pour, :surface)
    end
  end
end
