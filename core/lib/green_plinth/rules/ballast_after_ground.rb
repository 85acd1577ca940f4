# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BallastAfterGround < Rule
      code "order/ballast_after_ground"
      strength :advice
      why "wet ground creeps into it"
      binds 3.0
      wait :dry

      private

      def first?(work) = work.phase?(:texture, :grain)
      def later?(work) = work.phase?(:ballast)
    end
  end
end
