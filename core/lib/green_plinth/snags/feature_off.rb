# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A part that hangs over the edge of the top.
    class FeatureOff < Check
      code "fit/feature_off"
      severity "spoils"
      weight 345

      # Less of it than this share over the edge is drawing.
      ALLOWED = 0.05
      STEPS = 40

      # What runs along a line is cut where the base ends.
      def snags
        design.outlined_features.reject(&:strip?).filter_map do |feature|
          over = over_mm2(feature.area)
          next if over <= ALLOWED * feature.area.area || !feature.kind.trait?("bars_feet")

          snag(feature.pointer, "#{feature.name.capitalize} hangs #{number(over)} mm² over the edge of the top.", moved(feature))
        end
      end

      private

      def top = @evaluation.ground.top
      def over_mm2(shape) = Plan::Geos.area(shape.difference(top))

      # The least move towards the middle that brings it on.
      def moved(feature)
        middle = top.centroid
        x, y = feature.middle
        (1..STEPS).each do |i|
          dx, dy = (middle.x - x) * i / STEPS, (middle.y - y) * i / STEPS
          outline = Plan::Outline.shifted(feature.outline, dx.round(2), dy.round(2))
          return put("move it #{mm(Math.hypot(dx, dy))} inward", "#{feature.pointer}/outline", outline) if
            over_mm2(Plan::Outline.polygon(outline)) < 0.5
        end
        nil
      end
    end
  end
end
