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
      def later?(work) = work.does?("clear_coat") && @works.any? { |other| other.phase?(:foam) && below?(other, work) }
      def below?(other, work) = same_pile?(other, work) && other.stack[1] < work.stack[1]
    end
  end
end
