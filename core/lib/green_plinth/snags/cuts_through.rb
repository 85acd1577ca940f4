# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A cut that leaves nothing under it.
    class CutsThrough < Check
      code "relief/cuts_through"
      severity "stops"
      weight 80
      LEAST_MM2 = 1.0
      # Left under the deepest cut, mm.
      FLOOR_MM = 1.0

      def snags
        terrain.bulk.strata.select(&:cut?).filter_map do |stratum|
          next if stratum.through_mm2 < LEAST_MM2

          form = stratum.form
          deepest = stratum.volume_mm3 / stratum.area_mm2
          right = [deepest - FLOOR_MM, 0.1].max.round(1)
          through = "is #{mm(form.depth_mm)} deep and goes through the plinth over #{number(stratum.through_mm2)} mm²"
          snag(form.pointer, "#{form.name.capitalize} #{through}: there is only #{mm(deepest)} to cut into.",
            put("cut #{mm(right)} deep", "#{form.pointer}/depth_mm", right)).drawn(Figure.measure(form.depth_mm, "mm", most: deepest))
        end
      end
    end
  end
end
