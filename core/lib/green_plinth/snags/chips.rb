# frozen_string_literal: true

module GreenPlinth
  module Snags
    # One coat of wall paint on plaster or compound, which knocks off in flakes.
    class Chips < Check
      code "compat/chips"
      severity "spoils"
      weight 415

      def snags
        design.zones.flat_map { |zone| zone.courses.each_with_index.filter_map { |course, at| judged(zone, course, at) } }
      end

      private

      def judged(zone, course, at)
        beneath = at.zero? ? bulk_under(zone) : zone.courses[at - 1].material
        chips = course.material&.[]("chips_on")
        return unless chips && beneath&.trait?(chips) && course.coats == 1 && !coated_again?(zone, course, at)

        snag(course.pointer, "One coat of #{course.name} on #{beneath.name} chips at the first knock: makers lay two.",
          put("lay two coats", "#{course.pointer}/coats", 2)).drawn(over_another([beneath, *zone.courses.drop(at)], 0, 1))
      end

      def coated_again?(zone, course, at) = zone.courses[at + 1]&.material_key == course.material_key
    end
  end
end
