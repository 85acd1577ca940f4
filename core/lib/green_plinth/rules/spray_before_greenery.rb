# frozen_string_literal: true

module GreenPlinth
  module Rules
    class SprayBeforeGreenery < Rule
      code "order/spray_before_greenery"
      strength :school
      why "overspray dulls fibres"
      wait :handle

      private

      def first?(work) = work.sprayed? && work.phase?(:prime, :paint, :varnish)
      def later?(work) = work.greenery?
      def bound?(first, later) = @places.near?(first, later, DRIFT_MM)

      # A mist drifts so far beyond what it is aimed at, mm (from memory).
      DRIFT_MM = 10.0
      private_constant :DRIFT_MM
    end
  end
end
