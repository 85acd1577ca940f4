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

      # What is laid on a water under its pours belongs to the water.
      def first?(work) = (work.ground? || work.colour? || work.bulk? || work.greenery?) && !work.part.is_a?(Design::Water)
      # Whatever a water is of: its seal, what is laid under it, and the first pour; not the seal coat of a zone.
      def later?(work) = !work.part.is_a?(Design::Zone) && (work.phase?(:seal_bed, :pour) || first_of_water?(work))
      def first_of_water?(work) = work.part.is_a?(Design::Water) && work.stack&.last&.between?(-0.5, 0)
    end
  end
end
