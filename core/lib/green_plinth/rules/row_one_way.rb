# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RowOneWay < Rule
      code "order/row_one_way"
      strength :advice
      why "spacing stays as tried"

      private

      def first?(work) = work.technique.key == "mount_unit"
      def later?(work) = work.technique.key == "mount_unit"
      # From the left to the right.
      def bound?(first, later) = (first.part["at_mm"] || [0])[0] < (later.part["at_mm"] || [0])[0]
    end
  end
end
