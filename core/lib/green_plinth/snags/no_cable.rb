# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Something with a light in it, and no way for its cable: what feeds it does not lie beneath it, either.
    class NoCable < Check
      code "fit/no_cable"
      severity "spoils"
      weight 447
      # It leaves the base a little past its edge, mm.
      OUT_MM = 3.0

      def snags
        design.outlined_features.select { |feature| feature.powered? && feature.cable.nil? && !fed_beneath?(feature) }.map do |feature|
          snag(feature.pointer, "#{feature.name.capitalize} is powered, and nobody has said how its cable leaves the base: once the " \
                                "ground is laid there is no way left.",
            put("lead it out at the back", "#{feature.pointer}/cable_mm", straight_back(feature)))
        end
      end

      private

      def fed_beneath?(feature) = design.forms.any? { |form| form.cavity? && form.area.intersects?(feature.area) }

      def straight_back(feature)
        x, y = feature.middle
        back = Plan::Geos.bounds(@evaluation.ground.foot)[3]
        [[x.round(1), y.round(1)], [x.round(1), (back + OUT_MM).round(1)]]
      end
    end
  end
end
