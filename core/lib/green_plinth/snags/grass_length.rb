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
        zone_courses.filter_map do |course|
          thing = real_thing(course.represents || course.host.ground["grass"])
          length = course.length_mm
          next unless length && course.material&.trait?("grows") && thing&.measure == "height"

          low, high = thing.model_mm(design.scale)
          snag_of(course, thing, length, low, high) unless length.between?(low / ALLOWED, high * ALLOWED)
        end
      end

      private

      def snag_of(course, thing, length, low, high)
        life = "#{mm(thing.range_mm.low)}–#{mm(thing.range_mm.high)}"
        snag(course.pointer, "#{mm(length)} fibres are #{mm(length * design.scale)} in life; #{thing.name} is #{life}.",
          put("use #{number((low + high) / 2)} mm", "#{course.pointer}/length_mm", ((low + high) / 2).round(1).clamp(0.1, nil)))
      end
    end
  end
end
