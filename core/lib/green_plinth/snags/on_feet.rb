# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Scenery where a subject's feet, tracks or wheels go.
    class OnFeet < Check
      code "fit/on_feet"
      severity "stops"
      weight 350
      # Less than this shared is drawing, mm².
      LEAST_MM2 = 1.0

      def snags
        upright = design.outlined_features.select { |feature| feature.kind.trait?("bars_feet") }
        design.standing.flat_map { |subject| upright.filter_map { |feature| fouled(feature, subject) } }
      end

      private

      def fouled(feature, subject)
        feet = subject.footprint_area
        return unless feature.area.intersects?(feet)

        shared = Plan::Geos.area(feature.area.intersection(feet))
        return if shared < LEAST_MM2

        snag(feature.pointer, "#{feature.name.capitalize} takes #{number(shared)} mm² of the ground that #{subject.name} stands on.",
          move(feature, @evaluation.nearest_place.find(feature, toward: away_from(subject, feature))))
      end
    end
  end
end
