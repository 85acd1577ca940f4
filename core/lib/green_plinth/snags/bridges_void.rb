# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A rigid sheet over a hollow: it sounds hollow, sags under a thumb and lets water in.
    class BridgesVoid < Check
      code "relief/bridges_void"
      severity "spoils"
      LEAST_MM3 = 200.0

      def snags
        terrain.bulk.strata.filter_map do |stratum|
          void = stratum.void_mm3 or next
          next if void < LEAST_MM3

          snag(stratum.form.pointer, "#{stratum.form.name.capitalize} bridges a gap of #{number(void / 1000)} ml over lower ground: it will sag or ring hollow. " \
                                     "Support it or fill beneath.", filled(stratum))
        end
      end

      private

      # Compound laid before the sheet, level with what it rests on: a ramp that does not rise.
      def filled(stratum)
        level = stratum.rests_at_mm.round(3)
        min_x, min_y, max_x, = Plan::Geos.bounds(Plan::Outline.polygon(stratum.form.outline))
        filling = { "id" => fresh("fill"), "name" => "filling under #{stratum.form.name}", "kind" => "ramp", "material" => "fibre_plaster", "outline" => stratum.form.outline,
                    "from_mm" => [min_x.round(2), min_y.round(2)], "to_mm" => [max_x.round(2), min_y.round(2)], "from_z_mm" => level, "to_z_mm" => level }
        Fix.new("fill the gap first", [{ "op" => "add", "path" => stratum.form.pointer, "value" => filling }])
      end
    end
  end
end
