# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Water that meets the plinth's own edge. Where it is drawn up to the edge the open side is meant: a dam is planned and holds it.
    # Where it floods to the edge from ground that it was not drawn on, nobody meant it.
    class Dam < Check
      code "water/dam"
      severity "stops"
      weight 90
      LEAST_MM = 1.0

      def snags = @evaluation.pools.select { |pool| (pool.dam_mm || 0) > LEAST_MM }.map { |pool| snag_of(pool) }

      private

      # A lip stands this much over the water, mm.
      OVER_MM = 0.5

      # mm beside its outline in which water still stands where it is drawn: shores are found by cells of the ground.
      BESIDE_MM = 2.0
      private_constant :OVER_MM, :BESIDE_MM

      def snag_of(pool)
        return told(pool, "stands #{mm(pool.edge_level)} against #{mm(pool.dam_mm)} of open edge #{lip}", "advice") if meant?(pool)

        level = @evaluation.holding_level(pool)
        told(pool, "runs off the plinth: at #{mm(pool.edge_level)} it meets #{mm(pool.dam_mm)} of edge #{lip}", "stops", level)
      end

      # level: where it would stay by itself; nobody who means the side to be open asks for it.
      def told(pool, fault, severity, level = nil)
        high = (pool.edge_level + OVER_MM).round(1)
        snag(pool.water.pointer, "#{pool.water.name.capitalize} #{fault}. A dam is planned; it must hold until the last pour is hard.",
          level && put("lower the level to #{mm(level)}", *pool.water.level_at(level)),
          put("give the plinth a lip of #{mm(high)}", "/plinth/lip_mm", high), severity: severity)
          .drawn(Figure.level(pool.edge_level, design.plinth.lip_mm, level))
      end

      def lip = design.plinth.lip_mm.zero? ? "without a lip" : "that stands #{mm(design.plinth.lip_mm)} high"

      def meant?(pool)
        drawn = pool.water.area.buffer(BESIDE_MM)
        pool.dam_lines.all? { |line| drawn.contains?(Plan::Geos.line(line)) }
      end
    end
  end
end
