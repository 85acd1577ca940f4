# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BedDry < Rule
      code "order/bed_dry"
      strength :must
      why "nothing is sealed in damp"
      wait :dry

      private

      def first?(work) = work.ground? || work.colour? || work.bulk? || work.greenery?
      def later?(work) = work.phase?(:seal_bed, :pour)
    end
  end
end
