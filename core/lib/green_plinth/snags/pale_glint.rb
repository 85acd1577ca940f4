# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Grain or flock over filler that dries white, with nothing of its own tone between: it glints through.
    class PaleGlint < Check
      code "order/prime_pale_ground"
      severity "spoils"
      weight 425

      # Thicker than this it hides what is beneath, mm (from memory).
      THIN_MM = 1.5

      def snags = design.zones.filter_map { |zone| judged(zone) }

      private

      def judged(zone)
        at = zone.courses.index { |course| strewn?(course) } or return
        below = zone.courses.first(at)
        return if below.any? { |course| colour?(course) } || zone.courses.drop(at).any? { |course| opaque?(course) }

        pale = pale_beneath(zone, below) or return
        strewn = zone.courses[at]
        snag(strewn.pointer, "#{pale.name.capitalize} dries white and glints through #{strewn.name} on #{zone.name}: prime it first, " \
                             "in the ground's tone.", primed(strewn, zone)).drawn(over_another([pale, *zone.courses.drop(at)], 0, 1))
      end

      def strewn?(course)
        thin = Relief::CourseThickness.mm(course) < THIN_MM
        course.material && thin && (course.material.trait?("granular") || technique_of(course)&.phase == :flock)
      end

      def colour?(course) = technique_of(course)&.phase == :prime || technique_of(course)&.phase == :paint
      def opaque?(course) = colour?(course) && !technique_of(course).trait?("messy")

      # What the strewn course lies on: the course below, else the topmost bulk.
      def pale_beneath(zone, below)
        bed = below.reverse.find { |course| course.material && !course.material.trait?("clear") }&.material || bulk_under(zone)
        bed if bed&.trait?("pale")
      end

      def primed(strewn, zone)
        coat = { "material" => design.kinds.work("ground_primer", "material"), "colour" => zone.ground["colour"] }
        Fix.new("prime it in the ground's tone", [{ "op" => "add", "path" => strewn.pointer, "value" => coat }])
      end
    end
  end
end
