# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Two subjects' footprints that share ground.
    class Clearance < Check
      code "fit/clearance"
      severity "stops"
      weight 30
      LEAST_MM2 = 0.5

      def snags
        design.subjects.combination(2).filter_map do |one, other|
          shared = shared_mm2(one.footprint_area, other.footprint_area)
          next if shared < LEAST_MM2

          snag(other.pointer,
            "#{one.name.capitalize} and #{other.name} stand on the same #{number(shared)} mm²: only one of them fits there.",
            move(other, @evaluation.nearest_place.find(other, toward: away_from(one, other))))
            .drawn(Figure.measure(shared, "mm²", most: 0))
        end
      end

      private

      def shared_mm2(one, other) = one.distance(other).zero? ? Plan::Geos.area(one.intersection(other)) : 0
    end
  end
end
