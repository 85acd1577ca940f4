# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # Courses that are one piece of work: a glue under grain, fibres or leaves is their binder, a mist goes before the glue
      # that follows it, and what is flooded over loose grain is what holds it. All within the glue's open time.
      module Bindings
        # course: what is laid; at: its place in the pile; with: all courses that are laid with it, itself among them;
        # binder: the glue course it is laid into, nil where it brings its own; soak: the course that is flooded over it.
        Bound = Struct.new(:course, :at, :with, :binder, :soak, keyword_init: true) do
          def pointers = with.map(&:pointer)
        end

        private

        # @param host [Design::Coursed]
        # @return [Array<Bound>] bottom to top
        def bound(host)
          groups = []
          at = 0
          while at < host.courses.size
            groups << bound_from(host.courses, at)
            at += groups.last.with.size
          end
          groups
        end

        def bound_from(courses, at)
          course, second, third = courses[at, 3]
          return Bound.new(course: second, at: at + 1, with: [course, second], binder: course) if binder?(course) && held?(second)
          return Bound.new(course: second, at: at + 1, with: [course, second]) if mist?(course) && glue?(second)
          return Bound.new(course: course, at: at, with: [course, second], soak: second) if grain?(course) && soaks?(second)
          return Bound.new(course: course, at: at, with: [course, second, third], soak: third) if grain?(course) && mist?(second) &&
            soaks?(third)

          Bound.new(course: course, at: at, with: [course])
        end

        def glue?(course) = course&.material&.trait?("holds") || false
        def mist?(course) = course&.material&.trait?("mist") || false

        # Glue that soaks in between grains.
        def soaks?(course) = glue?(course) && !@catalogue.technique(course.material.technique)&.[]("dose_void").nil?

        def binder?(course) = glue?(course) && course.technique.nil? && !course.material.trait?("superglue") && !soaks?(course)

        # What sets by nothing of its own and is laid into glue.
        def held?(course)
          return false if course&.material.nil? || course.material.sets? || course.glue

          technique = technique_of(course)
          !technique.glue.nil? && @catalogue[technique.glue]&.trait?("superglue") != true
        end

        # @return [Catalogue::Technique] how a group is laid
        def technique_of_group(group)
          own = technique_of(group.soak || group.course)
          group.soak ? @catalogue.technique(own["with_grain"]) || own : own
        end

        # Loose grain whose way of being fixed is left open.
        def grain?(course)
          course&.material&.trait?("granular") && course.technique.nil? && technique_of(course).phase == :grain && held?(course)
        end
      end
    end
  end
end
