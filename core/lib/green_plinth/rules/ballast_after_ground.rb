# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BallastAfterGround < Rule
      code "order/ballast_after_ground"
      strength :advice
      why "wet ground creeps into it"
      wait :dry

      private

      def first?(work) = work.phase?(:texture, :grain)
      def later?(work) = work.phase?(:ballast)
      def bound?(first, later) = @places.near?(first, later, BESIDE_MM)

      BESIDE_MM = 3.0
      private_constant :BESIDE_MM
    end
  end
end
