# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Grains that, at this scale, are something else than what the maker says that they stand for.
    class GrainSize < Check
      code "scale/grain_too_coarse"
      severity "spoils"
      weight 190
      # Grains this much finer than the real thing still pass for dirt; coarser ones never pass (from memory).
      FINE_PASSES = 0.25

      # The finest that is sold, mm (from memory): no fix asks for less.
      FINEST_MM = 0.05

      def snags = zone_courses.select { |course| course.material&.trait?("granular") }.filter_map { |course| judged(course) }

      private

      # Only by what the maker says that they stand for; what nothing could stand for is wrong whatever is said.
      def judged(course)
        grains = course.grain_mm or return
        low, high = grains.map { |size| size * design.scale }
        key = course.represents || course.host.represents
        return (beyond_all(course, grains, low, high) if high > largest.range_mm.high) unless key

        thing = real_thing(key)
        return unless thing&.measure == "grain"

        snag_of(course, thing, grains, low, high) if high > thing.range_mm.high * 1.05 || high < thing.range_mm.low * FINE_PASSES
      end

      def largest = Scale::Things.new(catalogue).grains.max_by { |thing| thing.range_mm.high }

      def beyond_all(course, grains, low, high)
        snag(course.pointer, "#{sizes(grains)} are #{life(low)}–#{life(high)} in life: larger than any boulder that lies about.",
          resized(course, largest)).drawn(Figure.grains(grains, largest.model_mm(design.scale), design))
      end

      def snag_of(course, thing, grains, low, high)
        told = "#{sizes(grains)} are #{life(low)}–#{life(high)} in life: #{Scale::Things.grain_name(high)}, not #{thing.name}."
        right = thing.model_mm(design.scale)
        snag(course.pointer, told, resized(course, thing), *Scale::Things.new(catalogue).grains_of(low, high).first(2).map { |other|
          put("let them be #{other.name}", "#{course.pointer}/represents", other.key)
        }).drawn(Figure.grains(grains, right, design))
      end

      def sizes(grains) = "#{number(grains[0])}–#{number(grains[1])} mm grains"

      # To what is sold; nil where that is too coarse by itself.
      def resized(course, thing)
        right = thing.model_mm(design.scale).map { |size| size.round(2) }
        return if right[1] < FINEST_MM

        right[0] = [right[0], FINEST_MM].max
        right[1] = [right[1], right[0] + 0.01].max.round(2)
        put("use #{right[0]}–#{right[1]} mm", "#{course.pointer}/grain_mm", right)
      end

      def life(size) = size >= 1000 ? "#{number(size / 1000)} m" : mm(size)
    end
  end
end
