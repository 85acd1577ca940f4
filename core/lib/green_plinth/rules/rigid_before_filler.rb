# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RigidBeforeFiller < Rule
      code "order/rigid_before_filler"
      strength :must
      why "the filler blends against the sheets"
      # Forms that lie one on the other keep the order of the pile; these lie side by side.
      binds 3.0
      wait :handle

      private

      def first?(work) = work.bulk? && work.of?("rigid")
      def later?(work) = work.bulk? && (work.material&.sets? || work.does?("blends"))
      def bound?(first, later) = !@places.meet?(first, later)
    end
  end
end
