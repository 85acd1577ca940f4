# frozen_string_literal: true

module GreenPlinth
  module Rules
    class SetBeforeClosed < Rule
      code "order/set_before_closed"
      strength :advice
      why "grain and litter close round its foot"
      wait :handle

      private

      # What is planted stands in a hole of its own; a part that has its colour is not buried under the coats that the ground still takes.
      def first?(work) = work.phase?(:hard, :castings) && !work.benchwork? && !work.on?("lifts_off")
      def later?(work) = work.phase?(:grain, :flock, :leaves)
      def bound?(first, later) = !painted_over?(later) || !(first.finished? || first.natural?)
      def painted_over?(work) = @works.any? { |other| other.colour? && same_pile?(other, work) && other.stack[1] > work.stack[1] }
    end
  end
end
