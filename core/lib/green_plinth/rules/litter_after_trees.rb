# frozen_string_literal: true

module GreenPlinth
  module Rules
    class LitterAfterTrees < Rule
      code "order/litter_after_trees"
      strength :advice
      why "it lies where it fell"
      wait :handle

      private

      # Leaves fall this far beyond a crown, mm (from memory).
      FALL_MM = 20.0
      private_constant :FALL_MM

      def first?(work) = work.does?("plants") && work.on?("crowned")
      def later?(work) = work.phase?(:leaves)
      def bound?(first, later) = @places.near?(first, later, FALL_MM)
    end
  end
end
