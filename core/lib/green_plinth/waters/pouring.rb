# frozen_string_literal: true

module GreenPlinth
  module Waters
    # All the waters of a design, each flooded over the terrain.
    module Pouring
      module_function

      # @return [Array<Pool>] in the order of the file
      def pools(waters, terrain, lip_mm) = waters.map { |water| pool(water, terrain, lip_mm) }

      def pool(water, terrain, lip_mm)
        return Pool.new(water) unless water.level_mm

        found = Flood.new(terrain, lip_mm, water).at(water.level_mm) or return Pool.new(water, dry(water, terrain))
        basin = found.delete(:basin)
        layers = Layers.slice(water, basin, water.level_mm - found[:max_depth_mm])
        Pool.new(water, found, basin: basin, layers: layers)
      end
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
