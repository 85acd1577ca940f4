# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # Water: the bed sealed, the edge dammed, layer upon layer poured.
      module WaterWorks
        # Courses looked at from the topmost down: deeper ones no longer breathe through.
        BREATHING_COURSES = 3
        # A dam of less is a drop at the rim, mm.
        LEAST_DAM_MM = 1

        private

        def water(pool)
          return unless pool.wet?

          water = pool.water
          seal_bed(pool) if !water.sealed? && breathing_bed?(water)
          dam(pool) if pool.dam_mm > LEAST_DAM_MM
          pool.reaches.any? ? reaches(pool) : pool.layers.each_with_index { |layer, index| pour(pool, layer, index) }
          water.courses.each_with_index { |course, at| water_course(course, at, pool) }
          moved(pool)
        end

        # What the maker lays on a water: between the pours that it lies between.
        def water_course(course, at, pool)
          mm2 = spots.area_mm2(course, pool)
          return if mm2 < LEAST_SPOT_MM2

          technique = technique_of(course)
          course = course.as_thick_as(spots.sea(pool.water).mean_rise_mm) if raises?(technique)
          id = course.id || "#{pool.id}/#{at + 1}-#{course.material_key.delete_prefix("mix:")}"
          add(technique, pool.water, id: id, amount: mm2 / DM2 * course.cover, where: [course.pointer], rig: course.rig, note: course.note,
            stack: [pool.water.pointer, (course.after_pour || pool.pours) - 0.5 + (at / 100.0)], coats: coats(course, technique),
            uses: @dose.course(course, mm2), laid: Laid.new(material_key: course.material_key, stages: unknown_stages(course),
              thickness_mm: dried_thickness(course, technique, 0)), words: { place: spot_words(course, pool.water) })
        end

        # Less than this nobody lays a brush to, mm².
        LEAST_SPOT_MM2 = 0.5
        private_constant :LEAST_SPOT_MM2

        # Whether a way of working is how some water's surface is raised.
        def raises?(technique) = @catalogue.kinds["surfaces"].each_value.any? { |kind| kind["raised"]&.fetch("technique") == technique.key }

        def spots = @spots ||= Waters::Spots.new(@design, @terrain.ground.top)
        def spot_words(course, water) = course.spot.usual? ? water.name : "#{water.name}, #{course.spot.name}"

        # What makes its surface move, on the last layer; not where the medium is laid that way itself, or where the maker has
        # put it down as work of their own.
        def moved(pool)
          { "raised" => 1.0, "crested" => Seas::Crests::SHARE }.each_with_index do |(member, share), index|
            record = pool.water.surface[member] or next
            technique = @catalogue.technique(record["technique"])
            next if technique.phase == pouring(pool.water).phase || own_work?(pool.water, technique.phase)
            next if pool.water.courses.any? { |course| technique_of(course).phase == technique.phase }

            dm2 = pool.area_mm2 / DM2 * share
            add(technique, pool.water, id: "#{pool.id}/#{technique.phase}", amount: dm2, uses: [film(record["material"], dm2)],
              laid: Laid.new(material_key: record["material"]), stack: [pool.water.pointer, pool.pours + index])
          end
        end

        def own_work?(water, phase)
          @design.tasks.any? { |task| task.on == water.id && @catalogue.technique(task.technique)&.phase == phase }
        end

        def seal_bed(pool)
          key = @catalogue.kinds.work("bed_sealed", "material")
          dm2 = pool.area_mm2 / DM2
          add(@catalogue.usual_technique("bed_sealed"), pool.water, id: "#{pool.id}/seal", amount: dm2, laid: Laid.new(material_key: key),
            uses: [film(key, dm2)], stack: [pool.water.pointer, -2])
        end

        def dam(pool)
          add(@catalogue.usual_technique("edge_dammed"), pool.water, id: "#{pool.id}/dam", amount: pool.dam_mm / DM,
            stack: [pool.water.pointer, -1])
        end

        # Ground that breathes under the water: any porous or loose course, or bare porous bulk.
        def breathing_bed?(water)
          zones = @design.zones.each_with_index.select do |_, index|
            Plan::Geos.area(@terrain.ground.area(index).intersection(water.area)) > 1
          end
          tops = zones.flat_map { |zone, _| zone.courses.last(BREATHING_COURSES).map(&:material) }
          tops = [*@design.forms, @design.plinth].map(&:material) if tops.empty?
          tops.any? { |material| material&.trait?("porous") || material&.trait?("loose") }
        end

        def pour(pool, layer, index, id: nil, place: nil, mm2: pool.area_mm2, note: nil, stacked: index)
          water = pool.water
          several = pool.layers.size > 1
          add(pouring(water), water, id: id || (several ? "#{water.id}/pour-#{index + 1}" : "#{water.id}/pour"), amount: mm2 / DM2,
            laid: Laid.new(material_key: water.medium_key, thickness_mm: layer.thickness_mm), stack: [water.pointer, stacked],
            splittable: false, uses: poured(water, layer.volume_mm3), note: note,
            words: { place: place || (several ? "#{water.name}, layer #{index + 1} of #{pool.layers.size}" : water.name) })
        end

        # The medium, and the drops of tint that go into it.
        def poured(water, volume_mm3)
          return [] unless water.medium

          body = @dose.body(water.medium, volume_mm3)
          return [body] unless water.tinted? && water.tint_key

          tint = water.tint_drops * body.amount / 10 * Catalogue::Measures::DROP_ML
          [body, Quantities::Use.new(material: water.tint_key, colour: water.tint_colour, amount: tint, unit: "ml")]
        end

        # Running water: each reach behind its dam, the base propped up so that it lies level; what falls freely is laid.
        def reaches(pool)
          pool.reaches.each_with_index do |reach, at|
            id = "#{pool.id}/reach-#{at + 1}"
            place = "#{pool.water.name}, #{reach.name}"
            dammed(pool, reach, id, place) if reach.dam_mm > LEAST_DAM_MM
            laid_fall(pool, reach, id, place) unless reach.poured?
            reach.layers.each_with_index do |layer, index|
              several = reach.layers.size > 1
              pour(pool, layer, index, id: several ? "#{id}/pour-#{index + 1}" : "#{id}/pour", mm2: Plan::Geos.area(reach.area),
                note: propped(reach), stacked: index + (tilt(reach) / 100.0),
                place: several ? "#{place}, layer #{index + 1} of #{reach.layers.size}" : place)
            end
          end
        end

        def dammed(pool, reach, id, place)
          add(@catalogue.usual_technique("reach_dammed"), pool.water, id: "#{id}/dam", amount: reach.dam_mm / DM,
            stack: [pool.water.pointer, UNDER_POURS], words: { place: place })
        end

        # In a pile of layers: over what is painted on the bed, under the first pour.
        UNDER_POURS = -0.05
        private_constant :UNDER_POURS

        # Over all that is poured above and below it.
        def laid_fall(pool, reach, id, place)
          record = reach.kind["laid"]
          dm2 = [Plan::Geos.area(reach.area), across_mm(reach) * reach.drop].max / DM2
          add(@catalogue.technique(record["technique"]), pool.water, id: "#{id}/fall", amount: dm2, uses: [film(record["material"], dm2)],
            laid: Laid.new(material_key: record["material"]), stack: [pool.water.pointer, pool.pours], words: { place: place })
        end

        # A sheer fall has no area on the plan: it is so wide as it is long from bank to bank.
        def across_mm(reach) = Plan::Geos.bounds(reach.area).then { |x0, y0, x1, y1| Math.hypot(x1 - x0, y1 - y0) }

        # Reaches that lie level together, within this, are poured together; others wait for each other, degrees (from memory).
        TOGETHER_DEG = 2.0
        private_constant :TOGETHER_DEG

        # @return [Integer] which reaches set while the base stands as it does for this one
        def tilt(reach) = (reach.tilt_deg / TOGETHER_DEG).round

        def propped(reach)
          return unless reach.propped_deg

          "Prop the base up by #{format("%.1f", reach.propped_deg)}°, so that this reach lies level while it sets"
        end

        def pouring(water) = @catalogue.technique(water.medium&.technique) || @catalogue.usual_technique("poured")
      end
    end
  end
end
