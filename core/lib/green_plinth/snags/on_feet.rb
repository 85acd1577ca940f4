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
      FARTHEST_MM = 80

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
          away(feature, feet))
      end

      # The least move that clears the feet and stays on the top, away from their middle.
      def away(feature, feet)
        x, y = feature.middle
        dx, dy = x - feet.centroid.x, y - feet.centroid.y
        long = Math.hypot(dx, dy)
        dx, dy, long = 0.0, 1.0, 1.0 if long < 1e-6
        (1..FARTHEST_MM).each do |run|
          outline = Plan::Outline.shifted(feature.outline, dx / long * run, dy / long * run)
          shape = Plan::Outline.polygon(outline)
          clear = shape.distance(feet).positive? && @evaluation.ground.top.intersects?(shape)
          return put("move #{feature.name} #{mm(run)} away", "#{feature.pointer}/outline", outline) if clear
        end
        nil
      end
    end
  end
end
