# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A track whose gauge is another than that of what it stands for.
    class TrackGauge < Check
      code "scale/track_gauge"
      severity "advice"
      weight 122
      # Commercial track is off by as much at some scales, and nobody minds (from memory).
      ALLOWED = 1.08

      def snags
        design.features.select(&:gauge_mm).filter_map do |track|
          thing = real_thing(track.represents)
          next unless thing&.measure == "width"

          right = thing.range_mm.typical / design.scale
          next if track.gauge_mm.between?(right / ALLOWED, right * ALLOWED)

          life = Scale::Length.metric(track.gauge_mm * design.scale)
          snag(track.pointer, "#{track.name.capitalize} has a gauge of #{mm(track.gauge_mm)}, #{life} in life; #{thing.name} is " \
                              "#{Scale::Length.metric(thing.range_mm.typical)}.",
            put("make it #{format("%.1f", right)} mm", "#{track.pointer}/gauge_mm", right.round(2)))
            .drawn(Figure.measure(track.gauge_mm, "mm", least: right / ALLOWED, most: right * ALLOWED))
        end
      end
    end
  end
end
