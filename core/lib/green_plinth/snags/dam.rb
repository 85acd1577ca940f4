# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Water that would run off the plinth's edge.
    class Dam < Check
      code "water/dam"
      severity "stops"
      weight 90
      LEAST_MM = 1.0

      def snags = @evaluation.pools.select { |pool| (pool.dam_mm || 0) > LEAST_MM }.map { |pool| snag_of(pool) }

      private

      # A lip stands this much over the water, mm.
      OVER_MM = 0.5
      private_constant :OVER_MM

      def snag_of(pool)
        level = @evaluation.holding_level(pool)
        lip = (pool.edge_level + OVER_MM).round(1)
        edge = "at #{mm(pool.edge_level)} it meets #{mm(pool.dam_mm)} of edge that stands #{mm(design.plinth.lip_mm)} high"
        snag(pool.water.pointer,
          "#{pool.water.name.capitalize} runs off the plinth: #{edge}. A dam is planned; it must hold until the last pour is hard.",
          level && put("lower the level to #{mm(level)}", *pool.water.level_at(level)),
          put("give the plinth a lip of #{mm(lip)}", "/plinth/lip_mm", lip))
          .drawn(Figure.level(pool.edge_level, design.plinth.lip_mm, level))
      end
    end
  end
end
