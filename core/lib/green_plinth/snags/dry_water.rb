# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A level below all the ground where the water is drawn.
    class DryWater < Check
      code "water/dry"
      severity "stops"
      weight 110
      RAISE_MM = 2.0

      def snags
        @evaluation.pools.select { |pool| pool.known? && !pool.wet? }.map do |pool|
          deepest = Waters::Bed.deepest(pool.water, terrain)
          right = deepest && (deepest + RAISE_MM).round(1)
          lowest = " (lowest #{mm(deepest)})" if deepest
          snag(pool.water.pointer,
            "#{pool.water.name.capitalize} at #{mm(pool.level)} lies below all the ground in its outline#{lowest}: nothing gets wet.",
            right && put("raise the level to #{mm(right)}", *pool.water.level_at(right)))
            .then { |snag| deepest ? snag.drawn(Figure.level(pool.level, deepest, right)) : snag }
        end
      end
    end
  end
end
