# frozen_string_literal: true

module GreenPlinth
  module Rules
    class LitterAfterTrees < Rule
      code "order/litter_after_trees"
      strength :advice
      why "it lies where it fell"
      # Leaves fall this far beyond a crown, mm (from memory).
      binds 20.0
      wait :handle

      private

      def first?(work) = work.does?("plants") && work.on?("crowned")
      def later?(work) = work.phase?(:leaves)
    end
  end
end
