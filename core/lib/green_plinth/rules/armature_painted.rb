# frozen_string_literal: true

module GreenPlinth
  module Rules
    class ArmaturePainted < Rule
      code "order/armature_painted"
      strength :must
      why "foliage hides it"
      binds :anything
      wait :next

      private

      def first?(work) = work.colour? && work.part.is_a?(Design::Feature)
      def later?(work) = work.does?("foliates")
      def bound?(first, later) = first.part.pointer == later.part.pointer
    end
  end
end
