# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A flag, smoke or spray that streams another way than the wind of the scene takes it.
    class FlagAgainstWind < Check
      code "composition/flag_against_wind"
      severity "advice"
      weight 551
      # A hull that makes way turns its own wind by as much (from memory), degrees.
      ALLOWED_DEG = 45

      def snags
        from = design.wind_from_deg or return []
        (design.features + design.subjects).filter_map do |part|
          streams = part.data["flag_deg"] or next
          lee = (from + 180) % 360
          apart = (streams - lee) % 360
          off = [apart, 360 - apart].min
          next if off <= ALLOWED_DEG

          snag(part.pointer, "The flag of #{part.name} streams #{number(off)}° from where the wind takes it: there is one wind in a scene.",
            put("let it stream with the wind", "#{part.pointer}/flag_deg", lee.round)).drawn(Figure.bearings(streams, lee, ALLOWED_DEG))
        end
      end
    end
  end
end
