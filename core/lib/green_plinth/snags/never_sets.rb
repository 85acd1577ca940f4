# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Ultraviolet resin that the lamp does not reach through.
    class NeverSets < Check
      code "water/never_sets"
      severity "stops"
      # More tint than this is opaque to the lamp (from memory), drops in 10 ml.
      OPAQUE_DROPS = 6

      def snags
        @evaluation.pools.select { |pool| pool.wet? && catalogue[pool.water.medium]&.mechanism == "uv" }.filter_map do |pool|
          drops = pool.water.data.dig("tint", "drops_per_10ml") || 0
          next if drops <= OPAQUE_DROPS

          snag(pool.water.pointer, "#{number(drops)} drops in 10 ml shut the lamp's light out of #{pool.water.name}: it never sets inside.",
            put("tint with #{OPAQUE_DROPS} drops", "#{pool.water.pointer}/tint/drops_per_10ml", OPAQUE_DROPS))
        end
      end
    end
  end
end
