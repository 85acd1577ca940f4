# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GroundDryBeforeGrass < Rule
      code "order/ground_dry_before_grass"
      strength :must
      why "loose soil lifts with the fibres"
      wait :dry
      follows_the_pile

      private

      def first?(work) = work.ground?
      def later?(work) = work.phase?(:grass)
    end
  end
end
