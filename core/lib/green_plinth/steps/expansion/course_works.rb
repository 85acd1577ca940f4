# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # The ground: every course of every zone, with what it is laid in, and found matter treated first.
      module CourseWorks
        # Deepest layer of loose grain that one flood of fixative is reckoned to soak, mm.
        SOAK_MM = 3.0
        # The thinnest soak that dries like one, mm.
        LEAST_SOAK_MM = 0.2

        private

        def zone(zone, index)
          ground = @terrain.ground.area(index)
          area = Plan::Geos.area(ground)
          return if area < 1e-6

          open = [area - kept_out(ground), 1e-6].max
          zone.courses.each_with_index { |course, at| course(course, zone, at, grows?(course) ? open : area) }
        end

        # Nothing is planted where feet, wheels and tracks stand.
        def grows?(course) = course.material&.trait?("grows")

        # @return [Float] mm² of an area that subjects stand on
        def kept_out(area)
          feet = Plan::Geos.union(@design.standing.map(&:footprint_area))
          feet.empty? || !area.intersects?(feet) ? 0.0 : Plan::Geos.area(area.intersection(feet))
        end

        def course(course, zone, at, area)
          id = course.id || "#{zone.id}/#{at + 1}-#{course.material_key.delete_prefix("mix:")}"
          treat(course, zone, at, id) if course.material&.trait?("found") && !course.treated?
          technique = technique_of(course)
          soak = [Relief::CourseThickness.mm(course), SOAK_MM].min
          count = pieces_in(course, area)
          dm2 = area / DM2 * course.cover
          add(technique, zone, id: id, amount: technique.per == "each" ? count : dm2, where: [course.pointer], stack: [zone.pointer, at],
            coats: coats(course, technique), uses: taken(course, zone, at, technique, area, count, soak), rig: course.rig,
            laid: laid(course, zone, at, technique, soak), grain_mm: grain(course), length_mm: course.length_mm, note: course.note,
            words: { detail: fibres(course) })
          impress(zone, id, dm2, at) if technique.trait?("yields") && zone.ground["impressed_by"]
        end

        # As many as the maker says, else as many as the material usually comes to, else one.
        def pieces_in(course, area)
          course.count || @dose.course(course, area).first&.then { |use| use.amount if use.unit == "piece" } || 1
        end

        # The material itself, and what it is held in.
        def taken(course, zone, at, technique, area, count, soak)
          gripped = zone.below(at).any? { |below| below.material&.trait?("grips") }
          @dose.course(course, area, textured: gripped) +
            @dose.held(technique, area / DM2 * course.cover, count, soak,
              glue: course.material&.sets? ? nil : course.glue || technique.glue)
        end

        def laid(course, zone, at, technique, soak)
          Laid.new(material_key: course.material_key, glue: course.glue, thickness_mm: dried_thickness(course, technique, soak),
            ground: (:absorbent if at.positive? && zone.courses[at - 1].material&.trait?("porous")), stages: unknown_stages(course))
        end

        # A mix of the maker's own: how it dries is not known, and is not guessed.
        def unknown_stages(course) = course.material ? nil : Drying::Stages.unknown

        def fibres(course) = course.length_mm ? "#{format("%g", course.length_mm)} mm" : "static"

        def coats(course, technique) = technique.phase == :pour ? 1 : course.coats

        def grain(course) = course.material&.trait?("granular") ? course.mean_grain_mm : nil

        # What dries: the course itself, or the fixative that soaks into loose grain.
        def dried_thickness(course, technique, soak)
          return [soak, LEAST_SOAK_MM].max if technique["dose_void"]

          course.own_thickness_mm if course.material&.sets? && (course.material.trait?("body") || course.material.trait?("fills_water"))
        end

        # The technique the course names, else the usual one of its material; where makers disagree, by the maker's school.
        # @return [Catalogue::Technique]
        def technique_of(course)
          named = @catalogue.technique(course.technique) and return named
          return @catalogue.usual_technique("mixture_made") unless course.material

          over_greenery(course) || sprayed(usual_technique(course), course)
        end

        def usual_technique(course)
          material = course.material
          key = material.school ? @design.schools.side(material.school)["technique"] : material.technique
          @catalogue.technique(key) || @catalogue.usual_technique("course_brushed")
        end

        # Some are sprayed by another way of working than they are brushed.
        def sprayed(technique, course)
          other = technique["sprayed_as"] && course.rig && @catalogue.kinds.of("rigs", course.rig)
          other&.trait?("sprays") && !other.trait?("aerosol") ? @catalogue.technique(technique["sprayed_as"]) : technique
        end

        # Some are laid another way once greenery stands.
        def over_greenery(course)
          key = course.material["over_greenery"] or return
          below = course.host.below(course.host.courses.index(course))
          @catalogue.technique(key) if below.any? { |other| other.material&.trait?("grows") }
        end

        def treat(course, zone, at, id)
          add(@catalogue.usual_technique("found_treated"), zone, id: "#{id}/treat", amount: 1,
            laid: Laid.new(material_key: course.material_key), where: [course.pointer], places: [course.pointer],
            words: { treatment: treatment(course.material) }, stack: [zone.pointer, at - 0.5])
        end

        # @return [String] "Sieve and bake"
        def treatment(material)
          keys = material["treated"] || @catalogue.kinds.work("found_treated", "treated")
          keys.map { |key| @catalogue.kinds.of("treatments", key)["does"] }.join(" and ").capitalize
        end

        def impress(zone, id, dm2, at)
          add(@catalogue.technique(zone.ground["impressed_by"]), zone, id: "#{id}/impress", amount: dm2, where: [zone.courses[at].pointer],
            stack: [zone.pointer, at + 0.5])
        end
      end
    end
  end
end
