# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Grains that, at this scale, are something else than the ground says.
    class GrainSize < Check
      code "scale/grain_too_coarse"
      severity "spoils"
      weight 190
      # Grains this much finer than the real thing still pass for dirt; coarser ones never pass (from memory).
      FINE_PASSES = 0.25

      def snags = zone_courses.select { |course| course.material&.trait?("granular") }.filter_map { |course| judged(course) }

      private

      def judged(course)
        thing = real_thing(course.represents || course.host.represents || course.host.ground["grain"])
        grains = course.grain_mm
        return unless thing&.measure == "grain" && grains

        low, high = grains.map { |size| size * design.scale }
        snag_of(course, thing, grains, low, high) if high > thing.range_mm.high * 1.05 || too_fine?(course, thing, high)
      end

      # Only where the maker says what they stand for: fine grains are dirt to anybody else.
      def too_fine?(course, thing, high) = course.represents && high < thing.range_mm.low * FINE_PASSES

      def snag_of(course, thing, grains, low, high)
        right = thing.model_mm(design.scale).map { |size| size.round(2) }
        right[1] = [right[1], 0.05].max
        name = Scale::Things.grain_name(high)
        sizes = "#{number(grains[0])}–#{number(grains[1])} mm grains are #{life(low)}–#{life(high)} in life"
        snag(course.pointer, "#{sizes}: #{name}, not #{thing.name}.",
          put("use #{right[0]}–#{right[1]} mm", "#{course.pointer}/grain_mm", right))
      end

      def life(size) = size >= 1000 ? "#{number(size / 1000)} m" : mm(size)
    end
  end
end
