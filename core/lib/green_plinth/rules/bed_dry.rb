# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BedDry < Rule
      code "order/bed_dry"
      strength :must
      why "nothing is sealed in damp"
      wait :dry
      follows_the_pile

      private

      def first?(work) = work.ground? || work.colour? || work.bulk? || work.greenery?
      # Whatever a water is of: its seal, and the first that is laid in it; not the seal coat of a zone.
      def later?(work) = !work.part.is_a?(Design::Zone) && (work.phase?(:seal_bed, :pour) || first_of_water?(work))
      def first_of_water?(work) = work.part.is_a?(Design::Water) && work.stack&.last.eql?(0)
    end
  end
end
