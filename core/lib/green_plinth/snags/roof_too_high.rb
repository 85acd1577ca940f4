# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A roof that alone is as high as the whole building, or higher: no wall is left under it.
    class RoofTooHigh < Check
      code "relief/roof_too_high"
      severity "stops"
      weight 83

      def snags
        @evaluation.buildings.reject(&:walled?).map do |building|
          feature = building.feature
          span = building.roof.rise_mm / Math.tan(building.roof.pitch_deg * Math::PI / 180)
          half = (Math.atan2(feature.height_mm / 2, span) * 180 / Math::PI).floor
          snag(feature.pointer,
            "#{feature.name.capitalize} is #{mm(feature.height_mm)} high, and its roof alone rises #{mm(building.roof.rise_mm)}.",
            put("pitch it at #{half}°", "#{feature.pointer}/roof/pitch_deg", half))
            .drawn(Figure.measure(building.roof.rise_mm, "mm", most: feature.height_mm))
        end
      end
    end
  end
end
