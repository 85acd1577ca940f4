# frozen_string_literal: true

module GreenPlinth
  module Rules
    class Mount < Rule
      code "order/mount"
      strength :school
      why "the painted subject comes to finished ground"
      wait :handle

      private

      def first?(work) = work.ground? || work.colour? || work.greenery?
      def later?(work) = work.phase?(:mount)
    end
  end
end
