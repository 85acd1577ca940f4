# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Ultraviolet resin that the lamp does not reach through.
    class NeverSets < Check
      code "water/never_sets"
      severity "stops"
      weight 280
      # More tint than this is opaque to the lamp (from memory), drops in 10 ml.
      OPAQUE_DROPS = 6

      def snags
        opaque = @evaluation.pools.select { |pool| pool.wet? && under_lamp?(pool.water) && (pool.water.tint_drops || 0) > OPAQUE_DROPS }
        opaque.map do |pool|
          drops = number(pool.water.tint_drops)
          snag(pool.water.pointer, "#{drops} drops in 10 ml shut the lamp's light out of #{pool.water.name}: it never sets inside.",
            put("tint with #{OPAQUE_DROPS} drops", "#{pool.water.pointer}/tint/drops_per_10ml", OPAQUE_DROPS))
        end
      end

      private

      def under_lamp?(water) = water.medium&.mechanism == "uv"
    end
  end
end
