# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # The ground: every course of every zone, with what it is laid in, and found matter treated first.
      module CourseWorks
        # Deepest layer of loose grain that one flood of fixative is reckoned to soak, mm.
        SOAK_MM = 3.0

        private

        def zone(zone, index)
          area = Plan::Geos.area(@terrain.ground.area(index))
          return if area < 1e-6

          open = [area - kept_out(@terrain.ground.area(index)), 1e-6].max
          zone.courses.each_with_index { |course, at| course(course, zone, at, grows?(course) ? open : area) }
        end

        # Nothing is planted where feet, wheels and tracks stand.
        def grows?(course) = @catalogue[course.material]&.family == "greenery"

        # @return [Float] mm² of an area that subjects stand on
        def kept_out(area)
          feet = Plan::Geos.union(@design.subjects.reject { |subject| subject.kind == "hull" }.map { |subject| Composition::Standing.footprint(subject) })
          feet.empty? || !area.intersects?(feet) ? 0.0 : Plan::Geos.area(area.intersection(feet))
        end

        def course(course, zone, at, area)
          material = @catalogue[course.material]
          id = course.id || "#{zone.id}/#{at + 1}-#{course.material.delete_prefix("mix:")}"
          treat(course, material, zone, at, id) if material&.trait?("found") && !course["treated"]&.any?
          technique = technique_of(course, material)
          count = course["count"] || @dose.course(course, area).first&.then { |use| use.unit == "piece" ? use.amount : nil } || 1
          dm2 = area / DM2 * course.cover
          textured = zone.courses.first(at).any? { |below| %w[paste grain].include?(@catalogue[below.material]&.family) }
          soak = [Relief::CourseThickness.mm(course, material), SOAK_MM].min
          data = @catalogue.technique(technique)
          uses = @dose.course(course, area, textured: textured)
          uses += @dose.held(data, dm2, count, soak, glue: material&.sets? ? nil : course.data.dig("fixing", "glue") || data.glue)
          add(technique, zone, id: id, amount: amount(data, dm2, count), material: course.material, thickness: dried_thickness(course, material, data, soak),
            where: [course.pointer], stack: [zone.pointer, at], coats: coats(course, data), uses: uses, rig: course["rig"],
            ground: absorbent(zone, at), grain_mm: grain(course, material), length_mm: course["length_mm"], note: course["note"],
            glue: course.data.dig("fixing", "glue"), words: { detail: fibres(course) }, stages: unknown_stages(course, material))
          impress(zone, id, dm2, at) if data.key == "spread_grout" && zone.ground == "setts"
        end

        # A mix of the maker's own: how it dries is not known, and is not guessed.
        def unknown_stages(_course, material)
          return if material

          Drying::Stages.new(open_min: nil, handle_min: nil, next_min: nil, dry_min: nil, full_min: nil, factors: []).freeze
        end

        def fibres(course) = course["length_mm"] ? "#{format("%g", course["length_mm"])} mm" : "static"

        def amount(technique, dm2, count) = technique.per == "each" ? count : dm2

        def coats(course, technique) = technique.phase == :pour ? 1 : course.coats

        def grain(course, material)
          return unless material&.family == "grain"

          Relief::CourseThickness.mean_grain(course, material)
        end

        # What dries: the course itself, or the fixative that soaks into loose grain.
        def dried_thickness(course, material, technique, soak)
          return [soak, 0.2].max if technique["dose_void"]
          return unless material&.sets? && %w[paste bulk water].include?(material.family)

          course["thickness_mm"]
        end

        def absorbent(zone, at)
          below = at.zero? ? nil : @catalogue[zone.courses[at - 1].material]
          :absorbent if below&.trait?("porous")
        end

        # The technique the course names, else the usual one of its material, loose grains by the maker's fixing school.
        def technique_of(course, material)
          named = course["technique"]
          return named if named && @catalogue.technique(named)
          return "make_mixture" unless material
          return @design.schools["fixing"] if material.technique == "scatter_grains"
          return "press_tufts" if material.technique == "set_tufts" && @design.schools["tufts"] == "self_adhesive"
          return "mottle" if material.technique == "base_coat" && course["rig"] == "airbrush"
          return "lay_wet_mud" if wet_mud?(course, material)

          material.technique || "brush_medium"
        end

        def wet_mud?(course, material)
          material.key == "mud_paste" && course.host.courses.any? do |other|
            other.pointer != course.pointer && @catalogue[other.material]&.family == "greenery" && course.host.courses.index(other) < course.host.courses.index(course)
          end
        end

        def treat(course, material, zone, at, id)
          word = { "stones" => "Wash", "moss" => "Dry", "sifted_soil" => "Sieve and bake", "leaf_scatter" => "Dry" }.fetch(material.key,
            "Clean and bake")
          add("treat_found", zone, id: "#{id}/treat", amount: 1, material: course.material, where: [course.pointer], places: [course.pointer],
            words: { treatment: word }, stack: [zone.pointer, at - 0.5])
        end

        def impress(zone, id, dm2, at)
          add("impress_setts", zone, id: "#{id}/impress", amount: dm2, where: [zone.courses[at].pointer], stack: [zone.pointer, at + 0.5])
        end
      end
    end
  end
end
