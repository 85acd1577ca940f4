# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RockBeforeSoil < Rule
      code "order/rock_before_soil"
      strength :school
      why "soil bars the brush; else mask"
      wait :next

      private

      def first?(work) = (work.phase?(:hard) && work.on?("natural_stone")) || work.phase?(:castings)
      def later?(work) = work.phase?(:grain, :texture)
    end
  end
end
