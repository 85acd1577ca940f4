# frozen_string_literal: true

module GreenPlinth
  module Waters
    # All the waters of a design, each flooded over the terrain.
    module Pouring
      module_function

      # @return [Array<Array(Design::Water, Hash)>] each with what Flood found: nil where it has no level, or nothing is under it
      def flooded(waters, terrain, lip_mm)
        waters.map { |water| [water, water.level_mm && Flood.new(FallingGround.under(water, terrain), lip_mm, water).at(water.level_mm)] }
      end

      # @param flooded [Array<Array(Design::Water, Hash)>]
      # @param hulls [Array<Design::Subject>] what lies in the water: it takes its place, and the gap about it is filled by itself
      # @return [Array<Pool>] in the order of the file
      def pools(flooded, terrain, hulls = [])
        taken = Plan::Geos.union(hulls.map { |hull| hull.footprint_area.buffer(Spots::GAP_MM) })
        flooded.map { |water, found| pool(water, found, terrain, taken) }
      end

      def pool(water, found, terrain, taken)
        return Pool.new(water) unless water.level_mm
        return Pool.new(water, dry(water, terrain)) unless found

        basin = found[:basin]
        open = taken.empty? || !taken.intersects?(water.area) ? basin : basin.without(relative(taken, terrain))
        figures = open.equal?(basin) ? found : found.merge(poured(open, water.level_mm))
        return running(water, figures, basin, open, terrain) if water.fall

        Pool.new(water, figures, basin: basin, layers: Layers.slice(water, open, water.level_mm - figures[:max_depth_mm]))
      end
      private_class_method :pool

      def running(water, figures, basin, open, terrain)
        area = Pool.new(water, figures, basin: basin).area
        Pool.new(water, figures, basin: basin, reaches: Reaches.of(water, area, open, FallingGround.under(water, terrain)))
      end
      private_class_method :running

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

      def dry(water, terrain)
        drawn = water.area.intersection(terrain.ground.top)
        { level: water.level_mm, area_mm2: 0.0, volume_mm3: 0.0, max_depth_mm: 0.0, shore_mm: 0.0, spill_mm2: 0.0, dam_mm: 0.0,
          dry_mm2: Plan::Geos.area(drawn), islands: 0, rings: [], dam_lines: [] }
      end
      private_class_method :dry
    end
  end
end
