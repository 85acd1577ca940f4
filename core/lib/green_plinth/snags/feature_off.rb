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

      # What runs along a line is cut where the base ends.
      def snags
        places = @evaluation.nearest_place
        design.outlined_features.reject(&:strip?).filter_map do |feature|
          over = places.over_mm2(feature)
          next if over <= ALLOWED * feature.area.area || !feature.kind.trait?("bars_feet")

          snag(feature.pointer, "#{feature.name.capitalize} hangs #{number(over)} mm² over the edge of the top.",
            move(feature, places.find(feature, toward: inward(feature)), "inward"))
        end
      end
    end
  end
end
