# frozen_string_literal: true

module GreenPlinth
  module Colour
    # The colour a zone shows from above: each course lies over what is below it, and hides it as far as it does.
    module Tone
      # A course that covers less than this leaves the one below to be seen, percent.
      HIDES_PCT = 60

      module_function

      # @return [String] "#7a5a3c"
      def of_zone(zone) = zone.courses.reduce(zone.ground["colour"]) { |below, course| over(course, below) }

      # @param factor [Float] 1 leaves it as it is, less darkens it, more lightens it
      # @return [String]
      def shaded(colour, factor)
        colour.delete_prefix("#").scan(/../).map { |pair| format("%02x", (pair.hex * factor).round.clamp(0, 255)) }.join.prepend("#")
      end

      def over(course, below)
        own = course.colour || course.material&.colour
        return below if own.nil? || course.cover_pct < HIDES_PCT || course.count

        hiding = course.material && course.material["hiding"]
        return Film.over(own, hiding, below, coats: course.coats) if hiding

        # What is sheer and says nothing more is taken for what it covers only where the maker says its colour.
        clear?(course) && !course.colour ? below : own
      end
      private_class_method :over

      def clear?(course) = course.material.nil? || course.material.trait?("clear") || course.material.trait?("sheer")
      private_class_method :clear?
    end
  end
end
