# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RailTopsCleaned < Rule
      code "order/rail_tops_cleaned"
      strength :advice
      why "paint hides the metal"
      wait :next

      private

      def first?(work) = work.colour? || work.phase?(:ballast)
      def later?(work) = work.phase?(:clean_rails)
    end
  end
end
