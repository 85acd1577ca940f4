# frozen_string_literal: true

module GreenPlinth
  module Waters
    # All the waters of a design, each flooded over the terrain.
    module Pouring
      module_function

      # @param hulls [Array<Design::Subject>] what lies in the water: it takes its place, and the gap about it is filled by itself
      # @return [Array<Pool>] in the order of the file
      def pools(waters, terrain, lip_mm, hulls = [])
        taken = Plan::Geos.union(hulls.map { |hull| hull.footprint_area.buffer(Spots::GAP_MM) })
        waters.map { |water| pool(water, terrain, lip_mm, taken) }
      end

      def pool(water, terrain, lip_mm, taken)
        return Pool.new(water) unless water.level_mm

        found = Flood.new(terrain, lip_mm, water).at(water.level_mm) or return Pool.new(water, dry(water, terrain))
        basin = found.delete(:basin)
        open = taken.empty? || !taken.intersects?(water.area) ? basin : basin.without(relative(taken, terrain))
        found = found.merge(poured(open, water.level_mm)) unless open.equal?(basin)
        Pool.new(water, found, basin: basin, layers: Layers.slice(water, open, water.level_mm - found[:max_depth_mm]))
      end

      def poured(open, level)
        { area_mm2: open.area(level), volume_mm3: open.volume(level), max_depth_mm: open.deepest(level) }
      end
      private_class_method :poured

      # @return [Numo::DFloat] share of each cell's base
      def relative(taken, terrain)
        base = terrain.weight.copy
        base[base < 1e-9] = 1.0
        (Relief::Coverage.of(taken.intersection(terrain.ground.top), terrain.grid) / base).clip(0.0, 1.0)
      end
      private_class_method :relative
      private_class_method :pool

      def dry(water, terrain)
        drawn = water.area.intersection(terrain.ground.top)
        { level: water.level_mm, area_mm2: 0.0, volume_mm3: 0.0, max_depth_mm: 0.0, shore_mm: 0.0, spill_mm2: 0.0, dam_mm: 0.0,
          dry_mm2: Plan::Geos.area(drawn), islands: 0, rings: [], dam_lines: [] }
      end
      private_class_method :dry
    end
  end
end
