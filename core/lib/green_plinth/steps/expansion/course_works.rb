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
          bound(zone).each { |group| course(group, zone, grows?(group.course) ? open : area) }
        end

        # Nothing is planted where feet, wheels and tracks stand.
        def grows?(course) = course.material&.trait?("grows")

        # @return [Float] mm² of an area that subjects stand on
        def kept_out(area)
          feet = Plan::Geos.union(@design.standing.map(&:footprint_area))
          feet.empty? || !area.intersects?(feet) ? 0.0 : Plan::Geos.area(area.intersection(feet))
        end

        def course(group, zone, area)
          course, at = group.course, group.at
          id = course.id || "#{zone.id}/#{at + 1}-#{course.material_key.delete_prefix("mix:")}"
          treat(course, zone, id) if course.material&.trait?("found") && !course.treated?
          technique = technique_of_group(group)
          soak = [Relief::CourseThickness.mm(course), SOAK_MM].min
          count = pieces_in(course, area)
          dm2 = area / DM2 * course.cover
          add(technique, zone, id: id, amount: technique.per == "each" ? count : dm2, where: group.pointers, stack: [zone.pointer, at],
            coats: coats(course, technique), uses: taken(group, zone, technique, area, count, soak), rig: course.rig,
            laid: laid(group, zone, technique, soak), grain_mm: grain(course), length_mm: course.length_mm, note: course.note,
            words: { detail: fibres(course) })
          impress(zone, id, dm2, at) if technique.trait?("yields") && zone.ground["impressed_by"]
        end

        # As many as the maker says, else as many as the material usually comes to, else one.
        def pieces_in(course, area)
          course.count || @dose.course(course, area).first&.then { |use| use.amount if use.unit == "piece" } || 1
        end

        # The material itself, and what it is held in: the glue course it is laid into, else what its way of working takes.
        def taken(group, zone, technique, area, count, soak)
          course = group.course
          gripped = zone.below(group.at).any? { |below| below.material&.trait?("grips") }
          own = @dose.course(course, area, textured: gripped)
          mists = (group.with - [course, group.binder, group.soak]).flat_map { |other| @dose.course(other, area) }
          return own + mists + @dose.course(group.binder, area) if group.binder

          glue = course.material&.sets? ? nil : group.soak&.material_key || course.glue || technique.glue
          held = @dose.held(technique, area / DM2 * course.cover, count, soak, glue: glue)
          own + held.reject { |use| mists.any? { |mist| mist.material == use.material } } + mists
        end

        def laid(group, zone, technique, soak)
          course, at = group.course, group.at
          Laid.new(material_key: course.material_key, glue: group.binder&.material_key || group.soak&.material_key || course.glue,
            thickness_mm: dried_thickness(course, technique, soak), stages: unknown_stages(course),
            ground: (:absorbent if at.positive? && zone.courses[at - 1].material&.trait?("porous")))
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

        # On the bench, before it comes near a base; the same matter for all places at once (see Merging).
        def treat(part, host, id)
          add(@catalogue.usual_technique("found_treated"), host, id: "#{id}/treat", amount: 1,
            laid: Laid.new(material_key: part.material_key), where: [part.pointer], places: [],
            words: { treatment: treatment(part.material) })
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
