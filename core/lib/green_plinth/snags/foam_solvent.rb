# frozen_string_literal: true

module GreenPlinth
  module Snags
    # What eats foam, on foam that nothing closes.
    class FoamSolvent < Check
      code "compat/foam_solvent"
      severity "stops"

      def snags
        design.forms.select { |form| catalogue[form.material]&.trait?("foam") && (form["seal"] || []).empty? }.filter_map do |form|
          eater = eater_over(form) or next
          snag(form.pointer, "#{catalogue.name(eater).capitalize} eats bare #{catalogue.name(form.material)}: #{form.name} will pit and melt where it touches.",
            put("seal it with matte medium first", "#{form.pointer}/seal", ["matte_medium"]))
        end
      end

      private

      def eater_over(form)
        return form.glue if catalogue[form.glue]&.trait?("eats_foam")

        shape = Plan::Outline.polygon(form.outline)
        design.zones.each_with_index do |zone, index|
          next unless Plan::Geos.area(@evaluation.ground.area(index).intersection(shape)) > 1

          eater = first_touch(zone)
          return eater if eater
        end
        nil
      end

      # The first course, and what it is held by; a paste, clay or two closes the foam for what follows.
      def first_touch(zone)
        zone.courses.each do |course|
          material = catalogue[course.material]
          glue = course.data.dig("fixing", "glue") || held_by(course, material)
          found = [course.material, glue].compact.find { |key| catalogue[key]&.trait?("eats_foam") }
          return found if found
          return if material&.sets?
        end
        nil
      end

      def held_by(course, material)
        technique = course["technique"] || (material&.technique == "scatter_grains" ? design.schools["fixing"] : material&.technique)
        catalogue.technique(technique)&.glue
      end
    end
  end
end
