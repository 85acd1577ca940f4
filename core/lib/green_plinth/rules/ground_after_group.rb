# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GroundAfterGroup < Rule
      code "order/ground_after_group"
      strength :advice
      why "discs are hidden once"
      binds :anything
      wait :handle

      private

      def first?(work) = work.phase?(:mount)
      def later?(work) = work.phase?(:hide_disc)
    end
  end
end
