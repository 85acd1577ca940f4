# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # Water: the bed sealed, the edge dammed, layer upon layer poured.
      module WaterWorks
        private

        def water(pool)
          water = pool.water
          return unless pool.wet?

          seal_bed(pool) if porous_bed?(water) && water["sealed"] != true
          if pool.dam_mm > 1
            add("dam_edge", water, id: "#{water.id}/dam", amount: pool.dam_mm / DM, stack: [water.pointer, -1])
          end
          pool.layers.each_with_index { |layer, index| pour(pool, layer, index) }
        end

        def seal_bed(pool)
          dm2 = pool.area_mm2 / DM2
          material = @catalogue["matte_medium"]
          use = Quantities::Use.new(material: "matte_medium", amount: dm2 * DM2 * material.reference_mm / (1 - material.shrinkage) / 1000, unit: "ml")
          add("seal_bed", pool.water, id: "#{pool.id}/seal", amount: dm2, material: "matte_medium", uses: [use], stack: [pool.water.pointer, -2])
        end

        # Ground that breathes under the water: any porous or loose course, or bare porous bulk.
        def porous_bed?(water)
          drawn = area_of(water)
          zones = @design.zones.each_with_index.select { |_, index| Plan::Geos.area(@terrain.ground.area(index).intersection(drawn)) > 1 }
          tops = zones.flat_map { |zone, _| zone.courses.last(3).map(&:material) }
          tops = @design.forms.map(&:material) + [@design.plinth.material] if tops.empty?
          tops.any? { |key| @catalogue[key]&.trait?("porous") || @catalogue[key]&.trait?("loose") }
        end

        def pour(pool, layer, index)
          water = pool.water
          medium = @catalogue[water.medium]
          several = pool.layers.size > 1
          add(medium&.technique || "pour_acrylic", water, id: several ? "#{water.id}/pour-#{index + 1}" : "#{water.id}/pour",
            amount: pool.area_mm2 / DM2, material: water.medium, thickness: layer.thickness_mm,
            uses: medium ? [@dose.body(medium, layer.volume_mm3)] : [], stack: [water.pointer, index],
            where: [water.pointer], splittable: false,
            words: { place: several ? "#{water.name}, layer #{index + 1} of #{pool.layers.size}" : water.name })
        end
      end
    end
  end
end
