# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RowOneWay < Rule
      code "order/row_one_way"
      strength :advice
      why "spacing stays as tried"
      binds :anything

      private

      def first?(work) = work.does?("in_a_row")
      def later?(work) = work.does?("in_a_row")
      # From the left to the right.
      def bound?(first, later) = first.part.middle[0] < later.part.middle[0]
    end
  end
end
