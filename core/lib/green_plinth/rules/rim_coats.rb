# frozen_string_literal: true

module GreenPlinth
  module Rules
    class RimCoats < Rule
      code "order/rim_coats"
      strength :must
      why "a second coat lifts a damp first"
      binds :anything
      wait :next

      private

      def first?(work) = work.phase?(:rim)
      def later?(work) = work.phase?(:rim)
      def bound?(first, later) = first.coat < later.coat
    end
  end
end
