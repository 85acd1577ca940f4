# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Fibres that are too long or too short for the growth they stand for.
    class GrassLength < Check
      code "scale/grass_length"
      severity "spoils"
      weight 200
      # Makers may exaggerate by this much before it shows (from memory).
      ALLOWED = 1.25

      def snags
        zone_courses.select { |course| course.length_mm && course.material&.trait?("grows") }.filter_map { |course| judged(course) }
      end

      private

      # By what the maker says that they stand for; where nothing is said, only what no grass could be is wrong.
      def judged(course)
        key = course.represents || course.host.represents
        return by(course, real_thing(key)) if key
        return unless course.material.trait?("fibres")

        tallest = Scale::Things.new(catalogue).grasses.last
        by(course, tallest) if course.length_mm > tallest.model_mm(design.scale).last * ALLOWED
      end

      def by(course, thing)
        return unless thing&.measure == "height"

        low, high = thing.model_mm(design.scale)
        snag_of(course, thing, course.length_mm, low, high) unless course.length_mm.between?(low / ALLOWED, high * ALLOWED)
      end

      def snag_of(course, thing, length, low, high)
        life = "#{mm(thing.range_mm.low)}–#{mm(thing.range_mm.high)}"
        usual = (low + high) / 2
        snag(course.pointer, "#{mm(length)} fibres are #{mm(length * design.scale)} in life; #{thing.name} is #{life}.",
          put("use #{number(usual)} mm", "#{course.pointer}/length_mm", usual.round(1).clamp(0.1, nil))).drawn(of_life(length, thing))
      end
    end
  end
end
