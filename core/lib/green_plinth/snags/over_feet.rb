# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Water that stands over the feet of somebody who was to stand beside it.
    class OverFeet < Check
      code "water/over_feet"
      severity "spoils"
      weight 390
      # Up to here it wets a sole, mm.
      SOLE_MM = 0.3

      def snags
        design.standing.filter_map do |subject|
          pool, depth = deepest(subject)
          next unless depth && depth > SOLE_MM

          snag(subject.pointer,
            "#{pool.water.name.capitalize} stands #{mm(depth)} over the ground under #{subject.name}: the foot is poured in.",
            lowered(pool, depth)).drawn(Figure.measure(depth, "mm", most: SOLE_MM))
        end
      end

      private

      def deepest(subject)
        @evaluation.pools.select(&:wet?).filter_map { |pool| depth_under(subject, pool)&.then { |depth| [pool, depth] } }.max_by(&:last)
      end

      def depth_under(subject, pool)
        cell = terrain.grid.at(*subject.at_mm)
        cell && pool.depth_at(*cell)
      end

      def lowered(pool, depth)
        level = (pool.level - depth).floor(1)
        put("lower the level to #{mm(level)}", *pool.water.level_at(level)) if pool.max_depth_mm > depth + 0.5
      end
    end
  end
end
