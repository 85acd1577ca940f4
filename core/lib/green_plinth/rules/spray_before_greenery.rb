# frozen_string_literal: true

module GreenPlinth
  module Rules
    class SprayBeforeGreenery < Rule
      code "order/spray_before_greenery"
      strength :school
      why "overspray dulls fibres"
      # A mist drifts so far beyond what it is aimed at, mm (from memory).
      binds 10.0
      wait :handle

      private

      def first?(work) = work.sprayed? && work.phase?(:prime, :paint, :varnish)
      def later?(work) = work.greenery?
    end
  end
end
