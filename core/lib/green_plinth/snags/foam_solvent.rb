# frozen_string_literal: true

module GreenPlinth
  module Snags
    # What eats foam, on foam that nothing closes.
    class FoamSolvent < Check
      code "compat/foam_solvent"
      severity "stops"
      weight 170

      def snags
        design.forms.select { |form| form.material&.trait?("foam") && form.seal.empty? }.filter_map do |form|
          eater = eater_over(form) or next
          eaten = "#{catalogue.name(eater).capitalize} eats bare #{form.material.name}"
          snag(form.pointer, "#{eaten}: #{form.name} will pit and melt where it touches.",
            put("seal it with #{sealer.name} first", "#{form.pointer}/seal", [sealer.key]))
        end
      end

      private

      def sealer = catalogue.usual_material("sealer")
      def eats?(key) = catalogue[key]&.trait?("eats_foam")

      # @return [String, nil] key of the first that eats it
      def eater_over(form)
        return form.glue if eats?(form.glue)

        zones_in(form.area).lazy.filter_map { |zone| first_touch(zone) }.first
      end

      # The first course, and what it is held by; a paste, clay or two closes the foam for what follows.
      def first_touch(zone)
        zone.courses.each do |course|
          found = [course.material_key, course.glue || held_by(course)].compact.find { |key| eats?(key) }
          return found if found
          return if course.material&.sets?
        end
        nil
      end

      def held_by(course)
        school = course.material&.school
        catalogue.technique(course.technique || (school ? design.schools.side(school)["technique"] : course.material&.technique))&.glue
      end
    end
  end
end
