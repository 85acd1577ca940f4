# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Bricks, setts or planks that are too big or too small at this scale.
    class UnitSize < Check
      code "scale/unit_too_big"
      severity "spoils"
      # Out by less than this, nobody sees it (from memory).
      ALLOWED = 1.15
      # Which side of a unit the reference thing measures.
      SIDES = { "length" => "length_mm", "width" => "width_mm", "height" => "height_mm" }.freeze

      def snags
        (design.zones + design.features).filter_map { |part| judged(part) if part["unit"] }
      end

      private

      def judged(part)
        thing = Scale::Things.new(catalogue)[part["unit"]["represents"]] or return
        side = SIDES[thing.measure]
        size = side && part["unit"][side] or return
        low, high = thing.model_mm(design.scale)
        return if size.between?(low / ALLOWED, high * ALLOWED)

        right = (thing.range_mm.typical / design.scale).round(2)
        snag("#{part.pointer}/unit", "Units of #{mm(size)} are #{mm(size * design.scale)} in life; #{thing.name} are #{mm(thing.range_mm.low)}–" \
                                     "#{mm(thing.range_mm.high)}.", put("make them #{right} mm", "#{part.pointer}/unit/#{side}", [right, 0.01].max))
      end
    end
  end
end
