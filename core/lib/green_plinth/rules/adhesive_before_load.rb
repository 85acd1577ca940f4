# frozen_string_literal: true

module GreenPlinth
  module Rules
    class AdhesiveBeforeLoad < Rule
      code "order/adhesive_before_load"
      strength :must
      why "weights stay until it holds"
      wait :next

      private

      def first?(work) = work.bulk? && work.technique.shut?
      def later?(work) = work.phase?(:carve, :cut, :castings)
    end
  end
end
