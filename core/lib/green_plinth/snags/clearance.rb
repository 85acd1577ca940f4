# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Two subjects' footprints that share ground.
    class Clearance < Check
      code "fit/clearance"
      severity "stops"
      LEAST_MM2 = 0.5

      def snags
        placed = design.subjects.map { |subject| [subject, Composition::Standing.footprint(subject)] }
        placed.combination(2).filter_map do |(one, a), (other, b)|
          shared = a.distance(b).zero? ? Plan::Geos.area(a.intersection(b)) : 0
          next if shared < LEAST_MM2

          snag(other.pointer, "#{one.name.capitalize} and #{other.name} stand on the same #{number(shared)} mm²: only one of them fits there.",
            apart(one, other, a))
        end
      end

      private

      # Straight away from each other until they part.
      def apart(one, other, fixed)
        dx = other.at_mm[0] - one.at_mm[0]
        dy = other.at_mm[1] - one.at_mm[1]
        long = Math.hypot(dx, dy)
        dx, dy, long = 1.0, 0.0, 1.0 if long.zero?
        (1..200).each do |i|
          at = [other.at_mm[0] + (dx / long * i), other.at_mm[1] + (dy / long * i)].map { |value| value.round(1) }
          shape = Plan::Outline.polygon(other.footprint, at: at, turn: other.turn_deg)
          return put("move #{other.name} #{mm(i)} away", "#{other.pointer}/at_mm", at) if shape.distance(fixed).positive?
        end
        nil
      end
    end
  end
end
