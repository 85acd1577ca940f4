# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Water that goes beyond its drawn outline.
    class Spill < Check
      code "water/spill"
      severity "spoils"
      weight 480
      LEAST_MM2 = 10.0

      def snags
        @evaluation.pools.select { |pool| (pool.spill_mm2 || 0) > LEAST_MM2 }.map do |pool|
          level = @evaluation.holding_level(pool)
          runs = "#{pool.water.name.capitalize} runs #{number(pool.spill_mm2)} mm² beyond where it is drawn"
          snag(pool.water.pointer, "#{runs}: at #{mm(pool.level)} the ground there is lower.",
            level && put("lower the level to #{mm(level)}", *pool.water.level_at(level)), redrawn(pool))
        end
      end

      private

      # Draw it where it will stand.
      def redrawn(pool)
        ring = pool.rings.max_by { |one| Plan::Geos.ring_area(one) } or return
        line = Plan::Geos.line(ring).simplify(0.3)
        points = Plan::Geos.coordinates(line)[0...-1].map { |xy| xy.map { |value| value.round(1) } }
        return if points.size < 3 || !Plan::Geos.polygon(points).valid?

        put("draw it where the water stands", "#{pool.water.pointer}/outline", { "kind" => "polygon", "points_mm" => points })
      end
    end
  end
end
