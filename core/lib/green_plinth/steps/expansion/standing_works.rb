# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # What stands on the ground: features, and the subjects tried, painted and mounted.
      module StandingWorks
        FEATURE_TECHNIQUES = { "wall" => "build_wall", "fence" => "build_fence", "road" => "lay_way", "track" => "lay_way", "kerb" => "lay_way",
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
          add(key, feature, id: feature.id, amount: feature_amount(feature, technique), material: feature["material"],
            uses: @dose.held(technique, 0, 1, 0), places: feature.outline ? [feature.pointer] : ["/plinth"])
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
          technique = @catalogue.technique(MOUNTS.fetch(subject.mount || "glued"))
          pins = subject.data.dig("fixing", "pins") || 1
          add(technique.key, subject, id: "#{subject.id}/mount", amount: 1, uses: @dose.held(technique, 0, technique.key == "pin_mount" ? pins : 1, 0),
            glue: subject.data.dig("fixing", "glue"))
        end
      end
    end
  end
end
