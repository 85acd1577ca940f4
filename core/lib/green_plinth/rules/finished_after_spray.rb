# frozen_string_literal: true

module GreenPlinth
  module Rules
    # A part that was painted on the bench comes to ground that is not sprayed any more.
    class FinishedAfterSpray < Rule
      code "order/finished_after_spray"
      strength :advice
      why "spray would cover its own coats"
      wait :handle

      private

      def first?(work) = work.sprayed? && work.phase?(:prime, :paint) && work.places.any?
      def later?(work) = work.finished?
    end
  end
end
