# frozen_string_literal: true

module GreenPlinth
  module Rules
    class WetMudLast < Rule
      code "order/wet_mud_last"
      strength :school
      why "grass mixes in"
      wait :handle
      follows_the_pile

      private

      def first?(work) = work.greenery?
      def later?(work) = work.phase?(:wet_mud)
    end
  end
end
