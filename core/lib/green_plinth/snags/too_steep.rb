# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A ramp steeper than what runs on it climbs.
    class TooSteep < Check
      code "relief/too_steep"
      severity "advice"
      weight 540
      # Steeper by less nobody sees, percent.
      ALLOWED_PCT = 0.05
      # A zone that lies on less of a ramp than this share does not run up it.
      LEAST_SHARE = 0.3

      def snags
        design.forms.select(&:ramp?).filter_map do |form|
          way = way_on(form) or next
          pct = gradient_pct(form)
          next if pct <= way["climbs_pct"] + ALLOWED_PCT

          climbs = "#{form.name.capitalize} climbs #{number(pct)} % (1:#{number(100 / pct)})"
          snag(form.pointer, "#{climbs}, more than the #{way["climbs_pct"]} % that #{way["climber"]} climbs.",
            eased(form, way["climbs_pct"])).drawn(Figure.climb(pct, way["climbs_pct"]))
        end
      end

      private

      def run_mm(form) = Math.hypot(form.to_mm[0] - form.from_mm[0], form.to_mm[1] - form.from_mm[1])
      def gradient_pct(form) = run_mm(form).zero? ? 0 : 100.0 * (form.to_z_mm - form.from_z_mm).abs / run_mm(form)

      # @return [Kinds::Kind, nil] of what runs over it
      def way_on(form)
        feature = design.outlined_features.find { |one| one.kind["climbs_pct"] && one.area.intersects?(form.area) }
        feature&.kind || driven_ground(form)
      end

      def driven_ground(form)
        design.zones.each_with_index.find do |zone, index|
          shared = zone.ground["climbs_pct"] && Plan::Geos.area(@evaluation.ground.area(index).intersection(form.area))
          shared && shared > LEAST_SHARE * form.area.area
        end&.first&.ground
      end

      # Less high at its upper end.
      def eased(form, limit)
        low, high = %w[from_z_mm to_z_mm].minmax_by { |member| form.public_send(member) }
        top = (form.public_send(low) + (run_mm(form) * limit / 100.0)).floor(1)
        put("let it rise to #{mm(top)}", "#{form.pointer}/#{high}", top)
      end
    end
  end
end
