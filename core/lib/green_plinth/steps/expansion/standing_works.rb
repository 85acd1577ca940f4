# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # What stands on the ground: features, and the subjects tried, painted and mounted.
      module StandingWorks
        private

        def feature(feature)
          technique = @catalogue.technique(feature.technique) || @catalogue.technique(feature.kind["technique"])
          coated = feature.courses.any?
          add(technique, feature, id: feature.id, amount: feature_amount(feature, technique),
            laid: Laid.new(material_key: feature.material_key), uses: @dose.held(technique, 0, 1, 0),
            places: coated ? [] : standing_at(feature), stack: coated ? [feature.pointer, -1] : nil)
          coats_of(feature) if coated
          dress(feature)
        end

        def standing_at(feature) = feature.outline ? [feature.pointer] : ["/plinth"]

        # What is painted and weathered by itself, on the bench, is bedded when its coats are on.
        def coats_of(feature)
          feature.courses.each_with_index { |course, at| coat(feature, course, at) }
          bedding = @catalogue.usual_technique("feature_bedded")
          add(bedding, feature, id: "#{feature.id}/bed", amount: 1, uses: @dose.held(bedding, 0, 1, 0), places: standing_at(feature),
            stack: [feature.pointer, feature.courses.size])
        end

        def coat(feature, course, at)
          technique = technique_of(course)
          area = feature.outline ? faces(feature) * course.cover : DM2
          glue = course.material&.sets? ? nil : technique.glue
          add(technique, feature, id: course.id || "#{feature.id}/#{at + 1}-#{course.material_key.delete_prefix("mix:")}",
            amount: area / DM2, laid: Laid.new(material_key: course.material_key, thickness_mm: course.own_thickness_mm,
              stages: unknown_stages(course)),
            where: [course.pointer], places: [], stack: [feature.pointer, at], coats: coats(course, technique), rig: course.rig,
            uses: @dose.course(course, area) + @dose.held(technique, area / DM2, 1, 0, glue: glue))
        end

        # @return [Float] mm² of its top and, as high as it is, of its sides
        def faces(feature)
          around = Plan::Geos.polygons(feature.area).sum { |polygon| polygon.exterior_ring.length }
          feature.area.area + (around * (feature.height_mm || 0))
        end

        # What comes with some kinds when they stand: ballast with track.
        def dress(feature)
          technique = @catalogue.technique(feature.kind["dressed_by"]) or return
          add(technique, feature, id: "#{feature.id}/#{technique.phase}", amount: feature_amount(feature, technique),
            uses: @dose.held(technique, 0, 1, 0), places: standing_at(feature))
        end

        def feature_amount(feature, technique)
          return 1 if technique.per == "each" || !feature.outline
          return feature.area.area / DM2 if technique.per == "dm2"

          (feature.strip? ? Plan::Geos.line(feature.outline["points_mm"]).length : feature.area.exterior_ring.length / 2) / DM
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
