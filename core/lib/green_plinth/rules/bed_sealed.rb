# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BedSealed < Rule
      code "order/bed_sealed"
      strength :must
      why "pores breathe bubbles"
      binds :part
      wait :dry

      private

      def first?(work) = work.phase?(:seal_bed)
      def later?(work) = work.phase?(:pour)
      def bound?(first, later) = first.where == later.where
    end
  end
end
