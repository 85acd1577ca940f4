# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A rigid sheet over a hollow: it sounds hollow, sags under a thumb and lets water in.
    class BridgesVoid < Check
      code "relief/bridges_void"
      severity "spoils"
      weight 20
      LEAST_MM3 = 200.0

      def snags
        terrain.bulk.strata.select { |stratum| (stratum.void_mm3 || 0) >= LEAST_MM3 }.map do |stratum|
          gap = "bridges a gap of #{number(stratum.void_mm3 / 1000)} ml over lower ground"
          snag(stratum.form.pointer, "#{stratum.form.name.capitalize} #{gap}: it will sag or ring hollow. Support it or fill beneath.",
            filled(stratum))
        end
      end

      private

      # Compound laid before the sheet, level with what it rests on: a ramp that does not rise.
      def filled(stratum)
        form = stratum.form
        level = stratum.rests_at_mm.round(3)
        min_x, min_y, max_x, = Plan::Geos.bounds(form.area)
        filling = { "id" => fresh("fill"), "name" => "filling under #{form.name}", "kind" => design.kinds.form("ramp").key,
                    "material" => design.kinds.work("void_filler", "material"), "outline" => form.outline,
                    "from_mm" => [min_x.round(2), min_y.round(2)], "to_mm" => [max_x.round(2), min_y.round(2)], "from_z_mm" => level,
                    "to_z_mm" => level }
        Fix.new("fill the gap first", [{ "op" => "add", "path" => form.pointer, "value" => filling }])
      end
    end
  end
end
