# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # What stands on the ground: features, and the subjects tried, painted and mounted.
      module StandingWorks
        private

        # What is laid in place is coated where it lies. Everything else is made and coated on the bench, as far as it is made
        # and coated at all, and set into its place once.
        def feature(feature)
          technique = @catalogue.technique(feature.technique) || @catalogue.technique(feature.kind["technique"])
          treat(feature, feature, feature.id) if feature.material&.trait?("found") && !feature.treated?
          technique.trait?("in_place") ? laid_in_place(feature, technique) : made_and_set(feature, technique)
          dress(feature)
        end

        def standing_at(feature) = feature.outline ? [feature.pointer] : ["/plinth"]

        def laid_in_place(feature, technique)
          feature_work(feature, technique, id: feature.id, places: standing_at(feature), own: true,
            stack: feature.courses.any? ? [feature.pointer, -1] : nil)
          coats_of(feature, standing_at(feature))
        end

        def made_and_set(feature, technique)
          made = technique.trait?("makes") || (feature.courses.any? && !technique.trait?("sets"))
          feature_work(feature, technique, id: feature.id, places: [], own: true, stack: [feature.pointer, -1]) if made
          coats_of(feature, [])
          feature_work(feature, made ? setting(feature) : technique, id: made ? "#{feature.id}/bed" : feature.id,
            own: !made, places: standing_at(feature), stack: made || feature.courses.any? ? [feature.pointer, feature.courses.size] : nil)
        end

        # @return [Catalogue::Technique] how what was made is set into its place
        def setting(feature)
          usual = @catalogue.technique(feature.kind["technique"])
          usual.trait?("sets") ? usual : @catalogue.usual_technique("feature_bedded")
        end

        # @param own [Boolean] whether what the feature is made of is taken for it
        def feature_work(feature, technique, own:, **members)
          glue = feature.glue || technique.glue
          uses = @dose.held(technique, 0, 1, 0, glue: glue) + (own ? made_of(feature) : [])
          add(technique, feature, amount: feature_amount(feature, technique), uses: uses,
            laid: Laid.new(material_key: feature.material_key, glue: feature.glue), **members)
        end

        # As much as it fills, or as its faces are where it comes in sheets; not known where its size is not.
        def made_of(feature)
          material = feature.material or return []
          return [Quantities::Use.new(material: material.key, amount: 1, unit: "piece")] if material.pack&.fetch("unit") == "piece"
          return [Quantities::Use.new(material: material.key, amount: nil, unit: nil)] unless feature.outline && feature.height_mm
          return [Quantities::Use.new(material: material.key, amount: faces(feature), unit: "mm2", pieces: panels(feature))] if
            material.pack&.key?("size_mm")

          [@dose.body(material, feature.area.area * feature.height_mm)]
        end

        # The top and two sides each way of the box it fills, as they are cut from a sheet.
        def panels(feature)
          return unfolded(feature) if building(feature)

          min_x, min_y, max_x, max_y = Plan::Geos.bounds(feature.area)
          wide, deep, high = max_x - min_x, max_y - min_y, feature.height_mm
          sheet = feature.material.stock_mm&.first || 1
          [[wide, deep, 1], [wide, high, 2], [deep, high, 2]].map do |width, depth, count|
            { width: width, depth: depth, sheet_mm: sheet, count: count, area: width * depth }
          end
        end

        # As its net is cut, tabs and all.
        def unfolded(feature)
          sheet_mm = feature.wall_mm || feature.material.stock_mm&.first || 1
          Faces::Net.new(building(feature)).sheets.map do |sheet|
            x0, y0, x1, y1 = Plan::Geos.bounds(sheet.shape)
            { width: x1 - x0, depth: y1 - y0, sheet_mm: sheet_mm, count: 1, area: Plan::Geos.area(sheet.shape) }
          end
        end

        # @return [Faces::Building, nil] of a feature whose faces are known
        def building(feature) = (@buildings ||= {}.compare_by_identity).fetch(feature) { @buildings[feature] = Faces::Building.of(feature) }

        def coats_of(feature, places)
          bound(feature).each { |group| coat(feature, group, places) }
        end

        def coat(feature, group, places)
          course, at = group.course, group.at
          technique = technique_of_group(group)
          area = feature.outline ? coated(feature, course) * course.cover : DM2
          return if area.zero?

          key = course.id || "#{feature.id}/#{at + 1}-#{course.material_key.delete_prefix("mix:")}"
          laid = Laid.new(material_key: course.material_key, glue: group.binder&.material_key || group.soak&.material_key || course.glue,
            thickness_mm: course.own_thickness_mm, stages: unknown_stages(course))
          add(technique, feature, id: key, amount: area / DM2, laid: laid, where: group.pointers, places: places,
            words: { place: coat_words(feature, course) },
            stack: [feature.pointer, at], coats: coats(course, technique), rig: course.rig, uses: coat_uses(group, technique, area))
        end

        def coat_words(feature, course)
          building(feature) && !course.face_spot.usual? ? "#{feature.name}, #{course.face_spot.name}" : feature.name
        end

        # Of a building whose faces are known, where on them the course lies.
        def coated(feature, course)
          building(feature) ? Faces::FaceAreas.new(building(feature), @design.wind_from_deg).area_mm2(course) : faces(feature)
        end

        def coat_uses(group, technique, area)
          course = group.course
          return @dose.course(course, area) + @dose.course(group.binder, area) if group.binder

          glue = course.material&.sets? ? nil : group.soak&.material_key || course.glue || technique.glue
          @dose.course(course, area) + @dose.held(technique, area / DM2, 1, 0, glue: glue)
        end

        # @return [Float] mm² of its top and, as high as it is, of its sides
        def faces(feature)
          return building(feature).area_mm2 if building(feature)

          around = Plan::Geos.polygons(feature.area).sum { |polygon| polygon.exterior_ring.length }
          feature.area.area + (around * (feature.height_mm || 0))
        end

        # What comes with some kinds when they stand: ballast with track, unless it lies in a zone that has it as a course.
        def dress(feature)
          technique = @catalogue.technique(feature.kind["dressed_by"]) or return
          return if dressed_by_zone?(feature, technique)

          add(technique, feature, id: "#{feature.id}/#{technique.phase}", amount: feature_amount(feature, technique),
            uses: @dose.held(technique, 0, 1, 0), places: standing_at(feature))
        end

        def dressed_by_zone?(feature, technique)
          feature.outline && @design.zones.each_with_index.any? do |zone, index|
            zone.courses.any? { |course| course.material&.trait?(technique["dresses_with"]) } &&
              @terrain.ground.area(index).intersects?(feature.area)
          end
        end

        def feature_amount(feature, technique)
          return 1 if technique.per == "each" || !feature.outline
          return feature.area.area / DM2 if technique.per == "dm2"

          (feature.strip? ? Plan::Geos.line(Plan::Outline.line(feature.outline)).length : feature.area.exterior_ring.length / 2) / DM
        end

        def subjects_tried
          return if @design.subjects.empty?

          pointers = @design.subjects.map(&:pointer)
          add(@catalogue.usual_technique("subjects_tried"), @design.plinth, id: "subjects/dry-fit", amount: @design.subjects.size,
            places: pointers, where: pointers)
        end

        def subject(subject)
          paint(subject) if subject.unpainted?
          return afloat(subject) if afloat?(subject)

          technique = mounting(subject)
          add(technique, subject, id: "#{subject.id}/mount", amount: 1, uses: @dose.held(technique, 0, subject.held_by, 0),
            laid: Laid.new(glue: subject.glue))
          hide_disc(subject) if subject.disc
        end

        def paint(subject)
          add(@catalogue.usual_technique("subject_painted"), subject, id: "#{subject.id}/paint", amount: 1, minutes: subject.paint_min.to_f,
            places: [], laid: Laid.new(material_key: @catalogue.kinds.work("subject_painted", "material")))
        end

        # Some purposes have a way of their own: units are glued one after the other across their base.
        def mounting(subject)
          together = @design.purpose["mounting"]&.fetch(subject.mount.key, nil)
          @catalogue.technique(together && @design.subjects.size > 1 ? together : subject.mount["technique"])
        end

        def afloat?(subject)
          subject.set_in_water? && @pools.any? { |pool| pool.water.area.intersects?(subject.footprint_area) }
        end

        # A hull that lies in water is set on its ledge, and the gap round it filled, before the last coat.
        def afloat(subject)
          subject.kind["afloat_by"].each do |key|
            technique = @catalogue.technique(key)
            add(technique, subject, id: "#{subject.id}/#{technique.phase}", amount: 1, uses: @dose.held(technique, 0, 1, 0))
          end
        end

        def hide_disc(subject)
          add(@catalogue.usual_technique("disc_hidden"), subject, id: "#{subject.id}/disc", amount: 1)
        end
      end
    end
  end
end
