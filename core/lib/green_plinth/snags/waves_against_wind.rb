# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Waves that come from elsewhere than the wind of the scene: it is one wind for the sea, the sails and the flags.
    class WavesAgainstWind < Check
      code "composition/waves_against_wind"
      severity "advice"
      weight 473
      # An old swell may run so far aside from the wind (from memory), degrees.
      ASIDE_DEG = 60

      def snags
        wind = design.wind_from_deg or return []
        design.waters.filter_map { |water| judged(water, wind) }
      end

      private

      def judged(water, wind)
        from = water.waves_from_deg or return
        apart = ((from - wind + 180) % 360) - 180
        return if apart.abs <= ASIDE_DEG

        snag("#{water.pointer}/waves", "The waves of #{water.name} come from #{number(apart.abs)}° aside of the wind: sails and flags " \
                                       "would fly against their own sea.",
          Fix.new("let them come with the wind", [{ "op" => "remove", "path" => "#{water.pointer}/waves/from_deg" }]))
          .drawn(Figure.bearings(from + 180, wind + 180, ASIDE_DEG))
      end
    end
  end
end
