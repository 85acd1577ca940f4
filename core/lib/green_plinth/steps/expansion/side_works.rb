# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # The sides of the plinth, by the courses that the maker lays on them; where there are none, the rim by the maker's school.
      module SideWorks
        private

        def sides
          return rim if @design.sides.all? { |side| side.courses.empty? && !side.strata? }

          skin = Relief::EdgeSkin.new(@design.plinth, @terrain, Relief::Column.new(@design, @terrain))
          @design.sides.each do |side|
            side.courses.each_with_index { |course, at| side_course(course, at, side, skin) }
            strata(side, skin) if side.strata?
          end
        end

        # Over whatever the side is finished with, as much of them as looks there.
        def strata(side, skin)
          share = skin.extent(side.toward).first / skin.length_mm
          return if skin.strata_mm.zero? || share.zero?

          record = @catalogue.kinds["works"]["strata_painted"]
          add(@catalogue.technique(record["technique"]), side, id: "#{side.id}/strata", amount: skin.strata_mm * share / DM, places: [],
            stack: [side.pointer, side.courses.size], laid: Laid.new(material_key: record["material"]),
            words: { place: "the plinth, #{side.name}" })
        end

        def side_course(course, at, side, skin)
          long, mm2 = skin.extent(side.toward)
          return if mm2.zero?

          technique = technique_of(course)
          id = course.id || "#{side.id}/#{at + 1}-#{course.material_key.delete_prefix("mix:")}"
          amount = { "dm" => long / DM, "dm2" => mm2 / DM2 * course.cover }.fetch(technique.per, 1)
          add(technique, side, id: id, amount: amount, where: [course.pointer], places: [], rig: course.rig, note: course.note,
            stack: [side.pointer, at], coats: coats(course, technique), uses: side_uses(course, technique, mm2),
            laid: Laid.new(material_key: course.material_key, glue: course.glue, stages: unknown_stages(course)),
            words: { place: "the plinth, #{side.name}" })
        end

        # The material itself, and what it is held by where it sets by nothing of its own.
        def side_uses(course, technique, mm2)
          glue = course.material&.sets? ? nil : course.glue || technique.glue
          @dose.course(course, mm2) + @dose.held(technique, mm2 / DM2 * course.cover, 1, 0, glue: glue)
        end

        # As the maker's school has it.
        def rim
          side = @design.schools.side("rim")
          technique = @catalogue.technique(side["technique"]) or return
          paint = @catalogue[side["material"]]
          length = Plan::Geos.polygons(@terrain.ground.foot).sum { |polygon| polygon.exterior_ring.length }
          ml = length * [@design.plinth.thickness_mm, LEAST_RIM_MM].max / 1e6 / paint["spread_m2_per_l"][1] * 1000 * side["coats"]
          add(technique, @design.plinth, id: "plinth/rim", amount: length / DM, laid: Laid.new(material_key: paint.key),
            coats: side["coats"], uses: [Quantities::Use.new(material: paint.key, amount: ml, unit: "ml")])
        end

        # A thinner edge takes as much paint as this one, mm (from memory).
        LEAST_RIM_MM = 3
        private_constant :LEAST_RIM_MM
      end
    end
  end
end
