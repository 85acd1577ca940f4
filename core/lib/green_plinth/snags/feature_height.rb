# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A fence, a hedge or a tree that says what it stands for and is of another size.
    class FeatureHeight < Check
      code "scale/feature_height"
      severity "advice"
      weight 120
      # Growing and built things differ by this much before they look wrong (from memory).
      ALLOWED = 1.15

      def snags
        design.features.filter_map do |feature|
          thing = real_thing(feature.represents)
          height = feature.height_mm
          next unless thing&.measure == "height" && height&.positive? && !feature.kind.trait?("flight")

          low, high = thing.model_mm(design.scale)
          snag_of(feature, thing, height) unless height.between?(low / ALLOWED, high * ALLOWED)
        end
      end

      private

      def snag_of(feature, thing, height)
        right = (thing.range_mm.typical / design.scale).round(1)
        low, high = [thing.range_mm.low, thing.range_mm.high].map { |size| Scale::Length.metric(size) }
        life = Scale::Length.metric(height * design.scale)
        snag(feature.pointer, "#{feature.name.capitalize} is #{mm(height)} high, #{life} in life; #{thing.name} is #{low} to #{high}.",
          put("make it #{mm(right)} high", "#{feature.pointer}/height_mm", right))
          .drawn(Figure.heights(height, thing.model_mm(design.scale), feature.kind))
      end
    end
  end
end
