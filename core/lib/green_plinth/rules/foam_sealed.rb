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

      def later?(work)
        [work.material, work.dries].compact.any? { |key| @catalogue[key]&.trait?("eats_foam") } && !work.bulk?
      end
    end
  end
end
