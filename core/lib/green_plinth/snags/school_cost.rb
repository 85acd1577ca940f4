# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A way of working that is a school's other side, chosen for one course: what it costs is told there, too.
    class SchoolCost < Check
      code "habit/school_cost"
      severity "advice"
      weight 528

      def snags
        sided = zone_courses.select { |course| course.technique && course.material&.school }
        sided.filter_map { |course| judged(course, design.schools.side(course.material.school)) }
      end

      private

      # The side that holds for the whole build is told where it is chosen.
      def judged(course, held)
        return if held["technique"] == course.technique

        school = design.kinds["schools"][course.material.school]
        side = school["sides"].each_value.find { |one| one["technique"] == course.technique } or return
        snag(course.pointer, "#{course.name.capitalize} on #{course.host.name}, #{side["name"]}: #{side["risk"]}.",
          (put("work it as the rest: #{held["name"]}", "#{course.pointer}/technique", held["technique"]) if held["technique"]))
      end
    end
  end
end
