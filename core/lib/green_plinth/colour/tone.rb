# frozen_string_literal: true

module GreenPlinth
  module Colour
    # The colour a zone shows from above: that of its topmost course that hides what is below it.
    module Tone
      # A course that covers less than this leaves the one below to be seen, percent.
      HIDES_PCT = 60

      module_function

      # @return [String] "#7a5a3c"
      def of_zone(zone) = zone.courses.reverse.filter_map { |course| of_course(course) }.first || zone.ground["colour"]

      # @param factor [Float] 1 leaves it as it is, less darkens it, more lightens it
      # @return [String]
      def shaded(colour, factor)
        colour.delete_prefix("#").scan(/../).map { |pair| format("%02x", (pair.hex * factor).round.clamp(0, 255)) }.join.prepend("#")
      end

      def of_course(course)
        return if course.cover_pct < HIDES_PCT || course.count
        return course.colour if course.colour

        material = course.material
        material.colour unless material.nil? || material.trait?("clear") || material.trait?("sheer")
      end
      private_class_method :of_course
    end
  end
end
