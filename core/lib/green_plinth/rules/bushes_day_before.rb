# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BushesDayBefore < Rule
      code "order/bushes_day_before"
      strength :advice
      why "they dry overnight"
      wait :dry

      private

      def first?(work) = work.phase?(:make_bush)
      def later?(work) = work.does?("plants")
      def bound?(first, later) = first.part.pointer == later.part.pointer || super
    end
  end
end
