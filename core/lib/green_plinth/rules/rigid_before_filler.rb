# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RigidBeforeFiller < Rule
      code "order/rigid_before_filler"
      strength :must
      why "the filler blends against the sheets"
      wait :handle

      private

      # Forms that lie one on the other keep the order of the pile; these lie side by side.
      ABUT_MM = 3.0
      private_constant :ABUT_MM

      def first?(work) = work.bulk? && work.of?("rigid")
      def later?(work) = work.bulk? && (work.material&.sets? || work.does?("blends"))
      def bound?(first, later) = @places.near?(first, later, ABUT_MM) && !@places.touch?(first, later)
    end
  end
end
