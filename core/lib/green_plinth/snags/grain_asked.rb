# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Grains of which nobody says what they stand for, and which are not what the ground is usually of: asked, not blamed.
    class GrainAsked < Check
      code "scale/grain_asked"
      severity "advice"
      weight 195

      MOST_CHOICES = 3

      def snags
        silent = zone_courses.select { |course| course.material&.trait?("granular") && !course.material.trait?("leafy") }
        silent.reject { |course| course.represents || course.host.represents }.filter_map { |course| asked(course) }
      end

      private

      def asked(course)
        usual = real_thing(course.host.ground["grain"])
        grains = course.grain_mm
        return unless usual && grains

        low, high = grains.map { |size| size * design.scale }
        choices = Scale::Things.new(catalogue).grains_of(low, high).first(MOST_CHOICES)
        return if high <= usual.range_mm.high || choices.empty? || choices.any? { |thing| thing.key == usual.key }

        snag(course.pointer, "#{course.name.capitalize} of #{number(grains[0])}–#{mm(grains[1])} is #{Scale::Things.grain_name(high)} " \
                             "in life. What does it stand for?",
          *choices.map { |thing| put("it is #{thing.name}", "#{course.pointer}/represents", thing.key) })
      end
    end
  end
end
