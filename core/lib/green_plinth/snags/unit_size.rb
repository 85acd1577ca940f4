# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Bricks, setts or planks that are too big or too small at this scale.
    class UnitSize < Check
      code "scale/unit_too_big"
      severity "spoils"
      weight 550
      # Out by less than this, nobody sees it (from memory).
      ALLOWED = 1.15
      # Which side of a unit the reference thing measures.
      SIDES = { "length" => "length_mm", "width" => "width_mm", "height" => "height_mm" }.freeze

      def snags = (design.zones + design.features).select(&:unit).filter_map { |part| judged(part) }

      private

      def judged(part)
        thing = real_thing(part.unit.represents) or return
        side = SIDES[thing.measure]
        size = side && part.unit[side] or return
        low, high = thing.model_mm(design.scale)
        snag_of(part, thing, side, size) unless size.between?(low / ALLOWED, high * ALLOWED)
      end

      def snag_of(part, thing, side, size)
        right = (thing.range_mm.typical / design.scale).round(2)
        life = "#{thing.name} are #{mm(thing.range_mm.low)}–#{mm(thing.range_mm.high)}"
        snag("#{part.pointer}/unit", "Units of #{mm(size)} are #{mm(size * design.scale)} in life; #{life}.",
          put("make them #{right} mm", "#{part.pointer}/unit/#{side}", [right, 0.01].max)).drawn(of_life(size, thing))
      end
    end
  end
end
