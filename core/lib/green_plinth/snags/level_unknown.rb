# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A water without a level: nothing about it can be known.
    class LevelUnknown < Check
      code "water/level_unknown"
      severity "advice"
      weight 260
      # A first guess at a shallow pool, mm above the deepest ground in its outline.
      SHALLOW_MM = 2.0

      def snags
        @evaluation.pools.reject(&:known?).map do |pool|
          level = (Waters::Bed.deepest(pool.water, terrain) || 0.0) + SHALLOW_MM
          snag(pool.water.pointer, "#{pool.water.name.capitalize} has no level, so nobody can say how much to pour or where it goes.",
            put("fill it #{mm(SHALLOW_MM)} deep", "#{pool.water.pointer}/level_mm", level.round(1)))
        end
      end
    end
  end
end
