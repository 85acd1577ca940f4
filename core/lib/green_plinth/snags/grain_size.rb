# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Grains that, at this scale, are something else than the ground says.
    class GrainSize < Check
      code "scale/grain_too_coarse"
      severity "spoils"
      # Grains this much finer than the real thing still pass for dirt; coarser ones never pass (from memory).
      FINE_PASSES = 0.25

      def snags
        zone_courses.filter_map { |zone, course, material| judged(zone, course, material) if material&.family == "grain" }
      end

      private

      def judged(zone, course, material)
        key = course["represents"] || zone["represents"] || catalogue.grounds.dig(zone.ground, "grain")
        thing = Scale::Things.new(catalogue)[key]
        grains = course["grain_mm"] || material.grain_mm&.then { |range| [range.low, range.high] }
        return unless thing&.measure == "grain" && grains

        low, high = grains.map { |size| size * design.scale }
        wanted = thing.range_mm
        if high > wanted.high * 1.05 then told(course, thing, grains, low, high)
        elsif course["represents"] && high < wanted.low * FINE_PASSES then told(course, thing, grains, low, high)
        end
      end

      def told(course, thing, grains, low, high)
        right = thing.model_mm(design.scale).map { |size| size.round(2) }
        right[1] = [right[1], 0.05].max
        name = Scale::Things.grain_name(high)
        snag(course.pointer, "#{number(grains[0])}–#{number(grains[1])} mm grains are #{life(low)}–#{life(high)} in life: #{name}, not #{thing.name}.",
          put("use #{right[0]}–#{right[1]} mm", "#{course.pointer}/grain_mm", right))
      end

      def life(size) = size >= 1000 ? "#{number(size / 1000)} m" : mm(size)
    end
  end
end
