# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BushesDayBefore < Rule
      code "order/bushes_day_before"
      strength :advice
      why "they dry overnight"
      binds :anything
      wait :dry

      private

      def first?(work) = work.phase?(:make_bush)
      def later?(work) = work.does?("plants")
      def bound?(first, later) = first.part.pointer == later.part.pointer || @places.meet?(first, later)
    end
  end
end
