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
            apart(one, other))
        end
      end

      private

      # Farther than this nothing is moved, mm.
      FARTHEST_MM = 200
      private_constant :FARTHEST_MM

      def shared_mm2(one, other) = one.distance(other).zero? ? Plan::Geos.area(one.intersection(other)) : 0

      # Straight away from each other until they part.
      def apart(one, other)
        dx = other.at_mm[0] - one.at_mm[0]
        dy = other.at_mm[1] - one.at_mm[1]
        long = Math.hypot(dx, dy)
        dx, dy, long = 1.0, 0.0, 1.0 if long.zero?
        (1..FARTHEST_MM).each do |i|
          at = [other.at_mm[0] + (dx / long * i), other.at_mm[1] + (dy / long * i)].map { |value| value.round(1) }
          clear = other.moved_to(at).footprint_area.distance(one.footprint_area).positive?
          return put("move #{other.name} #{mm(i)} away", "#{other.pointer}/at_mm", at) if clear
        end
        nil
      end
    end
  end
end
