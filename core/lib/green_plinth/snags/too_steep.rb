# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A ramp steeper than what runs on it climbs.
    class TooSteep < Check
      code "relief/too_steep"
      severity "advice"
      # Percent: roads 3/5/10 (trade rule, from memory); a railway climbs about 3 at the most (from memory).
      ROAD_PCT = 10
      RAIL_PCT = 3
      WAYS = { "track" => RAIL_PCT, "road" => ROAD_PCT }.freeze
      DRIVEN = %w[road setts paving boards].freeze

      def snags
        design.forms.select { |form| form.kind == "ramp" }.filter_map do |form|
          limit, what = limit_on(form)
          pct = gradient_pct(form)
          next if limit.nil? || pct <= limit + 0.05

          snag(form.pointer,
            "#{form.name.capitalize} climbs #{number(pct)} % (1:#{number(100 / pct)}), more than the #{limit} % that #{what} climbs.", eased(form, limit))
        end
      end

      private

      def run_mm(form) = Math.hypot(form["to_mm"][0] - form["from_mm"][0], form["to_mm"][1] - form["from_mm"][1])
      def gradient_pct(form) = run_mm(form).zero? ? 0 : 100.0 * (form["to_z_mm"] - form["from_z_mm"]).abs / run_mm(form)

      # What runs over it, and how much that climbs.
      def limit_on(form)
        shape = Plan::Outline.polygon(form.outline)
        feature = design.features.find { |one| WAYS.key?(one.kind) && Composition::Standing.outlined?(one) && Plan::Outline.polygon(one.outline).intersects?(shape) }
        return [WAYS[feature.kind], feature.kind == "track" ? "a railway" : "a road"] if feature

        index = design.zones.index { |zone| DRIVEN.include?(zone.ground) && Plan::Geos.area(@evaluation.ground.area(design.zones.index(zone)).intersection(shape)) > 0.3 * shape.area }
        index && [ROAD_PCT, "a road"]
      end

      # Less high at its upper end.
      def eased(form, limit)
        low, high = %w[from_z_mm to_z_mm].minmax_by { |key| form[key] }
        top = (form[low] + (run_mm(form) * limit / 100.0)).floor(1)
        put("let it rise to #{mm(top)}", "#{form.pointer}/#{high}", top)
      end
    end
  end
end
