# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PressWhileSoft < Rule
      code "order/press_while_soft"
      strength :must
      why "ruts and seats need a yielding bed"

      private

      # What of a bed's windows takes an impression.
      SOFT = %w[impress shape texture wet_smooth].freeze
      private_constant :SOFT

      def first?(work) = (work.bulk? || work.ground?) && !window(work).nil?
      def later?(work) = work.phase?(:press)
      def at_least(first, _later) = window(first)[0].ceil
      def at_most(first, _later) = window(first)[1].floor

      def window(work) = work.material&.windows&.values_at(*SOFT)&.compact&.first
    end
  end
end
