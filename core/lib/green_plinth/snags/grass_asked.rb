# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Fibres of which nobody says what they stand for, and which are not the usual growth of their ground: asked, not blamed.
    class GrassAsked < Check
      code "scale/grass_asked"
      severity "advice"
      weight 205

      def snags
        silent = zone_courses.select { |course| course.length_mm && course.material&.trait?("fibres") }
        silent.reject { |course| course.represents || course.host.represents }.filter_map { |course| asked(course) }
      end

      private

      def asked(course)
        usual = real_thing(course.host.ground["grass"])
        return if usual.nil? || fits?(course, usual)

        choices = Scale::Things.new(catalogue).grasses.select { |thing| fits?(course, thing) }
        return if choices.empty?

        life = Scale::Length.metric(course.length_mm * design.scale)
        snag(course.pointer, "#{mm(course.length_mm)} fibres are #{life} high in life. What do they stand for?",
          *choices.map { |thing| put("they are #{thing.name}", "#{course.pointer}/represents", thing.key) })
      end

      def fits?(course, thing)
        low, high = thing.model_mm(design.scale)
        course.length_mm.between?(low / GrassLength::ALLOWED, high * GrassLength::ALLOWED)
      end
    end
  end
end
