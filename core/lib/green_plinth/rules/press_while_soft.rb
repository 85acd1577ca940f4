# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PressWhileSoft < Rule
      code "order/press_while_soft"
      strength :must
      why "ruts and seats need a yielding bed"
      binds :anything

      private

      # What of a bed's windows takes an impression, and the same of what soaks into loose grain.
      SOFT = %w[impress shape texture wet_smooth].freeze
      SOAKED = %w[imprint masks_off].freeze
      private_constant :SOFT, :SOAKED

      def first?(work) = bed?(work) && !window(work).nil?
      def later?(work) = work.phase?(:press)
      def bed?(work) = (work.bulk? || work.ground?) && !work.phase?(:press, :impress, :cut)

      # Only what lies on top can be pressed: what is beneath has set by then. Where several beds are touched, the one that takes
      # the most of it.
      def bound?(first, later)
        beds = @works.select { |work| bed?(work) && @places.meet?(work, later) }
        top = beds.reject { |bed| beds.any? { |other| over?(other, bed) } }
        first.equal?(top.max_by { |bed| @places.shared_mm2(bed, later) })
      end

      def over?(other, bed)
        return ([other.stack[1], other.coat] <=> [bed.stack[1], bed.coat]).positive? && @places.meet?(other, bed) if same_pile?(other, bed)

        other.ground? && bed.bulk?
      end

      def at_least(first, _later) = window(first)[0].ceil
      def at_most(first, _later) = window(first)[1].floor

      def window(work)
        soft = work.material&.windows&.values_at(*SOFT)&.compact&.first
        soft || (work.dries&.windows&.values_at(*SOAKED)&.compact&.first if work.phase?(:grain))
      end
    end
  end
end
