# frozen_string_literal: true

module GreenPlinth
  module Rules
    class FoamBeforeLastClear < Rule
      code "order/foam_before_last_clear"
      strength :must
      why "clear goes on flats only"
      wait :next

      private

      def first?(work) = work.phase?(:foam)
      def later?(work) = work.technique.key == "brush_glaze" && @works.any? { |other| other.phase?(:foam) && same_pile?(other, work) && other.stack[1] < work.stack[1] }
    end
  end
end
