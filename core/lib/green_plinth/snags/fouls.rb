# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A lance, a wing or a tail that runs into what stands beside it, though the feet have room.
    class Fouls < Check
      code "fit/fouls"
      severity "spoils"
      weight 180
      # What makers leave between silhouettes (from memory), mm.
      WANTED_MM = 1.0

      def snags
        design.subjects.combination(2).filter_map do |one, other|
          next unless one.silhouette || other.silhouette
          next unless run_into?(one.shadow, other.shadow) && !one.footprint_area.distance(other.footprint_area).zero?

          mover, still = other.silhouette ? [other, one] : [one, other]
          both = "#{one.name.capitalize} and #{other.name} run into each other above the ground"
          snag(mover.pointer, "#{both}: the feet have room, what reaches out has not.",
            turned(mover, still))
        end
      end

      private

      # Less shared than this is drawing, mm².
      LEAST_MM2 = 0.5
      private_constant :LEAST_MM2

      def run_into?(one, other) = one.distance(other).zero? && Plan::Geos.area(one.intersection(other)) > LEAST_MM2

      def turned(mover, still)
        there = @evaluation.nearest_place.turn(mover) { |turned| turned.shadow.distance(still.shadow) >= WANTED_MM }
        there && put("turn #{mover.name} to #{number(there.turn_deg)}°", "#{mover.pointer}/turn_deg", there.turn_deg)
      end
    end
  end
end
