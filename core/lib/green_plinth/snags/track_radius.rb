# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A track that bends tighter than anything runs round.
    class TrackRadius < Check
      code "fit/track_radius"
      severity "spoils"
      weight 446
      # Three places so many gauges apart tell a bend: nearer ones tell the corners it is drawn with.
      STEP_GAUGES = 2.5

      def snags
        design.outlined_features.select { |feature| feature.strip? && feature.gauge_mm }.filter_map do |track|
          line = Plan::Polyline.new(Plan::Outline.line(track.outline))
          radius, at = line.tightest(track.gauge_mm * STEP_GAUGES)
          least = track.gauge_mm * design.kinds["works"]["track_curve"]["radius_gauges"]
          next if radius.nil? || radius >= least

          place = line.at(at).first.map { |value| number(value) }.join(", ")
          snag(track.pointer, "#{track.name.capitalize} bends round #{mm(radius)} at #{place}; nothing of this gauge runs round less " \
                              "than #{mm(least)}. Draw it with more points, or wider.")
            .drawn(Figure.measure(radius, "mm", least: least))
        end
      end
    end
  end
end
