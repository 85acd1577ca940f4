# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A cut that its own courses fill again.
    class CutFilled < Check
      code "relief/cut_filled"
      severity "spoils"
      weight 85

      # Of its depth so much may be filled before it is no cut any more (from memory).
      FILLED = 0.8

      def snags
        terrain.bulk.strata.select { |stratum| stratum.cut? && stratum.area_mm2.positive? }.filter_map do |stratum|
          form = stratum.form
          filled = filling_mm(form)
          next if filled < FILLED * form.depth_mm

          deeper = (form.depth_mm + filled).round(1)
          snag(form.pointer, "#{form.name.capitalize} is cut #{mm(form.depth_mm)} deep, and what is laid in it fills #{mm(filled)}: " \
                             "nothing of it is seen.", put("cut #{mm(deeper)} deep", "#{form.pointer}/depth_mm", deeper))
        end
      end

      private

      # What the zone that holds the most of it lays, mm.
      def filling_mm(form)
        shares = design.zones.each_index.map { |index| Plan::Geos.area(@evaluation.ground.area(index).intersection(form.area)) }
        index = shares.each_index.max_by { |at| shares[at] }
        index && shares[index] > form.area.area / 2 ? terrain.raises[index].sum : 0.0
      end
    end
  end
end
