# frozen_string_literal: true

module GreenPlinth
  module Snags
    # What eats foam, on foam that nothing closes.
    class FoamSolvent < Check
      code "compat/foam_solvent"
      severity "stops"
      weight 170

      def snags
        bare = design.forms.select { |form| form.material&.trait?("foam") && form.seal.empty? && seen?(form) }
        bare.filter_map do |form|
          where, eater = eaten_by(form) || next
          eats = "#{catalogue.name(eater).capitalize} eats bare #{form.material.name}"
          snag(where, "#{eats}: #{form.name} will pit and melt where it touches.",
            put("seal it with #{sealer.name} first", "#{form.pointer}/seal", [sealer.key]))
            .drawn(over_another([form, catalogue[eater]], 0, 1))
        end
      end

      private

      # What is wholly built over touches nothing that is laid later, mm² left open.
      LEAST_OPEN_MM2 = 10
      private_constant :LEAST_OPEN_MM2

      def seen?(form)
        over = design.forms.drop(design.forms.index(form) + 1).reject(&:cut?).map(&:area)
        over.empty? || Plan::Geos.area(form.area.difference(Plan::Geos.union(over))) > LEAST_OPEN_MM2
      end

      def sealer = catalogue.usual_material("sealer")
      def eats?(key) = catalogue[key]&.trait?("eats_foam")

      # @return [Array(String, String), nil] pointer and key of the first that eats it
      def eaten_by(form)
        return [form.pointer, form.glue] if eats?(form.glue)

        zones_in(form.area).lazy.filter_map { |zone| first_touch(zone) }.first || standing_on(form)
      end

      # The first course, and what it is held by; a paste, clay or two closes the foam for what follows.
      def first_touch(zone)
        zone.courses.each do |course|
          found = [course.material_key, course.glue || technique_of(course)&.glue].compact.find { |key| eats?(key) }
          return [course.pointer, found] if found
          return if course.material&.sets?
        end
        nil
      end

      # What is glued to it where no ground closes it.
      def standing_on(form)
        parts = design.outlined_features.reject { |feature| closed_at?(feature.area) }
        part = parts.find { |feature| eats?(glue_of(feature)) && feature.area.intersects?(form.area) }
        part && [part.pointer, glue_of(part)]
      end

      def closed_at?(area) = zones_in(area).any? { |zone| zone.courses.any? { |course| course.material&.sets? } }
      def glue_of(feature) = feature.glue || catalogue.technique(feature.technique || feature.kind["technique"])&.glue
    end
  end
end
