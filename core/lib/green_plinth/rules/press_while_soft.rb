# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PressWhileSoft < Rule
      code "order/press_while_soft"
      strength :must
      why "ruts and seats need a yielding bed"

      private

      # What of a bed's windows takes an impression, and the same of what soaks into loose grain.
      SOFT = %w[impress shape texture wet_smooth].freeze
      SOAKED = %w[imprint masks_off].freeze
      private_constant :SOFT, :SOAKED

      def first?(work) = (work.bulk? || work.ground?) && !window(work).nil?
      def later?(work) = work.phase?(:press)

      # The topmost that is soft: what lies beneath it has set by then.
      def bound?(first, later) = super && @works.none? { |other| first?(other) && over?(other, first) && @places.touch?(other, later) }
      def over?(other, first) = same_pile?(other, first) ? other.stack[1] > first.stack[1] : other.ground? && first.bulk?

      def at_least(first, _later) = window(first)[0].ceil
      def at_most(first, _later) = window(first)[1].floor

      def window(work)
        soft = work.material&.windows&.values_at(*SOFT)&.compact&.first
        soft || (work.dries&.windows&.values_at(*SOAKED)&.compact&.first if work.phase?(:grain))
      end
    end
  end
end
