# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A finished base that a nudge knocks over.
    class Tips < Check
      code "balance/tips"
      severity "spoils"
      weight 530
      # Under this a knocked table is enough (from memory).
      STEADY_DEG = 12

      def snags
        tip = @evaluation.mass.tip_deg
        return [] if tip.nil? || tip >= STEADY_DEG

        [snag("/plinth", "It tips over at #{number(tip)}°: its centre of mass is high or near the edge.", heavier).drawn(lean(tip))]
      end

      private

      def lean(tip)
        high = @evaluation.mass.centre[2] + design.plinth.thickness_mm
        Figure.lean(high * Math.tan(tip * Math::PI / 180), high, tip, STEADY_DEG)
      end

      # Twice as thick, where that steadies it: a plinth raises what stands on it, too.
      def heavier
        thicker = (design.plinth.thickness_mm * 2).round(1)
        return unless @evaluation.mass.on_plinth(thicker).tip_deg >= STEADY_DEG

        put("make the plinth #{mm(thicker)} thick", "/plinth/thickness_mm", thicker)
      end
    end
  end
end
