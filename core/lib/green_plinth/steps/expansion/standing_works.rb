# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # What stands on the ground: features, and the subjects tried, painted and mounted.
      module StandingWorks
        FEATURE_TECHNIQUES = { "wall" => "build_wall", "fence" => "build_fence", "road" => "lay_way", "track" => "lay_track", "kerb" => "lay_kerb",
                               "steps" => "build_wall", "bridge" => "lay_boards", "building" => "build_shell", "tree" => "plant_tree",
                               "bush" => "plant_tree", "hedge" => "plant_tree", "sign" => "set_post", "light" => "set_post",
                               "plaque" => "set_plaque" }.freeze
        private_constant :FEATURE_TECHNIQUES
        MOUNTS = { "glued" => "glue_mount", "pinned" => "pin_mount", "wired" => "wire_mount", "magnet" => "magnet_mount",
                   "loose" => "stand_loose" }.freeze
        private_constant :MOUNTS

        private

        def feature(feature)
          key = feature["technique"] if @catalogue.technique(feature["technique"])
          key ||= FEATURE_TECHNIQUES.fetch(feature.kind, "bed_feature")
          technique = @catalogue.technique(key)
          coated = feature.courses.any?
          add(key, feature, id: feature.id, amount: feature_amount(feature, technique), material: feature["material"],
            uses: @dose.held(technique, 0, 1, 0), places: coated ? [] : standing_at(feature), stack: coated ? [feature.pointer, -1] : nil)
          coats_of(feature) if coated
          ballast(feature) if feature.kind == "track"
        end

        def standing_at(feature) = feature.outline ? [feature.pointer] : ["/plinth"]

        # What is painted and weathered by itself, on the bench, is bedded when its coats are on.
        def coats_of(feature)
          feature.courses.each_with_index { |course, at| coat(feature, course, at) }
          bedding = @catalogue.technique("bed_feature")
          add("bed_feature", feature, id: "#{feature.id}/bed", amount: 1, uses: @dose.held(bedding, 0, 1, 0), places: standing_at(feature),
            stack: [feature.pointer, feature.courses.size])
        end

        def coat(feature, course, at)
          material = @catalogue[course.material]
          technique = @catalogue.technique(technique_of(course, material))
          area = feature.outline ? faces(feature) * course.cover : DM2
          uses = @dose.course(course, area) + @dose.held(technique, area / DM2, 1, 0, glue: material&.sets? ? nil : technique.glue)
          add(technique.key, feature, id: course.id || "#{feature.id}/#{at + 1}-#{course.material.delete_prefix("mix:")}", amount: area / DM2,
            material: course.material, thickness: course["thickness_mm"], where: [course.pointer], places: [], stack: [feature.pointer, at],
            coats: coats(course, technique), uses: uses, rig: course["rig"], stages: unknown_stages(course, material))
        end

        # @return [Float] mm² of its top and, as high as it is, of its sides
        def faces(feature)
          shape = area_of(feature)
          shape.area + (Plan::Geos.polygons(shape).sum { |polygon| polygon.exterior_ring.length } * (feature["height_mm"] || 0))
        end

        def ballast(feature)
          technique = @catalogue.technique("ballast_track")
          add("ballast_track", feature, id: "#{feature.id}/ballast", amount: feature_amount(feature, technique), uses: @dose.held(technique, 0, 1, 0),
            where: [feature.pointer], places: standing_at(feature))
        end

        def feature_amount(feature, technique)
          return 1 if technique.per == "each" || !feature.outline

          shape = area_of(feature)
          return shape.area / DM2 if technique.per == "dm2"

          long = feature.outline["kind"] == "strip" ? Plan::Geos.line(feature.outline["points_mm"]).length : shape.exterior_ring.length / 2
          long / DM
        end

        def subjects_tried
          return if @design.subjects.empty?

          add("dry_fit", @design.plinth, id: "subjects/dry-fit", amount: @design.subjects.size, places: @design.subjects.map(&:pointer),
            where: @design.subjects.map(&:pointer))
        end

        def subject(subject)
          if subject["paint_min"]&.positive? && subject["state"] != "painted"
            add("paint_subject", subject, id: "#{subject.id}/paint", amount: 1, minutes: subject["paint_min"].to_f, places: [],
              material: "acrylic_paint")
          end
          return hull(subject) if afloat?(subject)

          technique = @catalogue.technique(mounting(subject))
          pins = subject.data.dig("fixing", "pins") || 1
          add(technique.key, subject, id: "#{subject.id}/mount", amount: 1, uses: @dose.held(technique, 0, technique.key == "pin_mount" ? pins : 1, 0),
            glue: subject.data.dig("fixing", "glue"))
          disc(subject) if subject["disc"]
        end

        # Units are glued one after the other across their base.
        def mounting(subject)
          mount = subject.mount || "glued"
          mount == "glued" && @design.purpose == "unit_base" && @design.subjects.size > 1 ? "mount_unit" : MOUNTS.fetch(mount)
        end

        def afloat?(subject)
          subject.kind == "hull" && @pools.any? { |pool| area_of(pool.water).intersects?(Composition::Standing.footprint(subject)) }
        end

        # A hull that lies in water is set on its ledge, and the gap round it filled, before the last coat.
        def hull(subject)
          %w[set_hull fill_gap].each do |key|
            technique = @catalogue.technique(key)
            add(key, subject, id: "#{subject.id}/#{technique.phase}", amount: 1, uses: @dose.held(technique, 0, 1, 0))
          end
        end

        def disc(subject)
          add("hide_disc", subject, id: "#{subject.id}/disc", amount: 1, where: [subject.pointer])
        end
      end
    end
  end
end
