# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A road too wide or too narrow for what it stands for.
    class RoadWidth < Check
      code "scale/road_width"
      severity "spoils"
      weight 440
      # Off by less than this nobody sees it (from memory).
      ALLOWED = 1.1

      # Of a track what it stands for tells the gauge, not how wide its sleepers lie: see TrackGauge.
      def snags
        (design.features.reject(&:gauge_mm) + design.zones).select(&:strip?).filter_map { |part| judged(part) }
      end

      private

      def judged(part)
        thing = real_thing(part.represents)
        return unless thing&.measure == "width"

        width = part.outline["width_mm"]
        low, high = thing.model_mm(design.scale)
        snag_of(part, thing, width) unless width.between?(low / ALLOWED, high * ALLOWED)
      end

      def snag_of(part, thing, width)
        right = (thing.range_mm.typical / design.scale).round(1)
        low, high, life = [thing.range_mm.low, thing.range_mm.high, width * design.scale].map { |size| Scale::Length.metric(size) }
        snag("#{part.pointer}/outline",
          "#{part.name.capitalize} is #{mm(width)} wide, #{life} in life; #{thing.name} is #{low} to #{high}.",
          put("make it #{mm(right)} wide", "#{part.pointer}/outline/width_mm", right)).drawn(of_life(width, thing))
      end
    end
  end
end
