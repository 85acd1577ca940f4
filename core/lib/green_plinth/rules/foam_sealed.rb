# frozen_string_literal: true

module GreenPlinth
  module Rules
    class FoamSealed < Rule
      code "order/foam_sealed"
      strength :must
      why "superglue and spray eat bare foam"
      wait :next

      private

      def first?(work) = work.phase?(:seal_form) && work.stack&.first == "forms"
      def later?(work) = !work.bulk? && [work.material, work.dries].compact.any? { |material| material.trait?("eats_foam") }
    end
  end
end
