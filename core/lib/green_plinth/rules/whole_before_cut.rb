# frozen_string_literal: true

module GreenPlinth
  module Rules
    class WholeBeforeCut < Rule
      code "order/whole_before_cut"
      strength :advice
      why "cut plates take up the error"

      private

      def first?(work) = work.does?("whole_plates")
      def later?(work) = work.does?("cut_plates")
    end
  end
end
