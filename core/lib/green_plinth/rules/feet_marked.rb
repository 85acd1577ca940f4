# frozen_string_literal: true

module GreenPlinth
  module Rules
    class FeetMarked < Rule
      code "order/feet_marked"
      strength :advice
      why "standing spots hacked in later show"

      private

      def first?(work) = work.phase?(:dry_fit)
      def later?(work) = work.lays_ground? || work.greenery?
    end
  end
end
