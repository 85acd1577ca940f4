# frozen_string_literal: true

module GreenPlinth
  module Rules
    class CoarseBeforeFine < Rule
      code "order/coarse_before_fine"
      strength :must
      why "fines settle round big grains and brace them"
      wait :next

      private

      def first?(work) = work.phase?(:grain) && !work.grain_mm.nil?
      def later?(work) = first?(work)
      def bound?(first, later) = first.grain_mm > later.grain_mm * 1.2
    end
  end
end
