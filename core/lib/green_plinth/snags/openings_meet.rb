# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Two openings of one wall that run into each other.
    class OpeningsMeet < Check
      code "fit/openings_meet"
      severity "spoils"
      weight 444
      LEAST_MM2 = 0.05

      def snags
        @evaluation.buildings.flat_map(&:walls).flat_map do |face|
          face.openings.combination(2).filter_map do |one, other|
            shared = Plan::Geos.polygon(one.ring).intersection(Plan::Geos.polygon(other.ring))
            next if Plan::Geos.area(shared) <= LEAST_MM2

            snag(other.pointer, "The #{other.name} and the #{one.name} in the #{face.name} run into each other.", beside(face, one, other))
          end
        end
      end

      private

      # To the right of the first, or to its left, where the wall has room.
      def beside(face, one, other)
        left = [one.left + one.width + APART_MM, one.left - other.width - APART_MM]
          .find { |x| x >= 0 && x + other.width <= face.width_mm }
        left && put("move it beside", "#{other.pointer}/from_left_mm", left.round(1))
      end

      # A pier between two that can be cut, mm (from memory).
      APART_MM = 2.0
      private_constant :APART_MM
    end
  end
end
