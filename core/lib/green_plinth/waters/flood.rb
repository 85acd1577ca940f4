# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Lets water stand at a level on the terrain, and measures it.
    class Flood
      # Wet outside the drawn outline up to this share of the outline's rim cells is drawing, not spilling, mm.
      SPILL_RIM_MM = 0.05
      # What still counts as staying where it is.
      STAYS_SPILL_MM2 = 10.0
      STAYS_DAM_MM = 1.0

      # @param terrain [Relief::Terrain]
      # @param lip_mm [Float]
      # @param water [Design::Water]
      def initialize(terrain, lip_mm, water)
        @terrain = terrain
        @lip = lip_mm
        @fall = water.fall
        @outline = water.area.intersection(terrain.ground.top)
        @drawn = relative(Relief::Coverage.of(@outline, terrain.grid))
      end

      # @return [Hash, nil] figures of a Pool with :basin; nil where no ground inside the outline is below the level
      def at(level)
        reach = Reach.of(@terrain, @drawn, level, whole: !@fall.nil?) or return
        basin = Basin.new(reach)
        wet = basin.wet(level)
        rings = shore_rings(reach, level)
        dams = dams(reach, level)
        { level: level, area_mm2: basin.area(level), volume_mm3: basin.volume(level), max_depth_mm: level - reach.height[reach.core].min,
          shore_mm: shore(rings), spill_mm2: spill(reach, wet), dry_mm2: dry(reach, wet),
          islands: rings.count { |ring| signed(ring).positive? }, rings: rings, dam_mm: dams.sum { |line| length_of(line) },
          dam_lines: dams, basin: basin }
      end

      # @return [Boolean] whether water at a level stays where it is drawn and on the plinth
      def stays?(level)
        reach = Reach.of(@terrain, @drawn, level, whole: !@fall.nil?) or return true
        return false if dams(reach, level).sum { |line| length_of(line) } > STAYS_DAM_MM

        spill(reach, Basin.new(reach).wet(level)) <= STAYS_SPILL_MM2
      end

      private

      def relative(cover)
        safe = @terrain.weight.copy
        safe[safe < 1e-9] = 1.0
        (cover / safe).clip(0.0, 1.0)
      end

      def spill(reach, wet)
        over = (wet - reach.drawn).clip(0.0, nil)
        area = reach.area(over)
        whole = reach.area(Numo::DFloat.cast(over > 0.999))
        # Half-wet rim cells round a pool that fills its outline exactly come to a few square millimetres at most.
        whole.zero? && area < SPILL_RIM_MM * rim_length ? 0.0 : area
      end

      def rim_length
        partial = (@drawn > 0.001) & (@drawn < 0.999)
        partial.count_true * @terrain.grid.cell
      end

      # What is drawn and stays dry, within what the water reaches and beyond it.
      def dry(reach, wet)
        drawn = (@drawn * @terrain.weight).sum * @terrain.grid.cell_area
        [drawn - reach.area(Numo::DFloat.minimum(reach.drawn, wet)), 0.0].max
      end

      def shore_rings(reach, level)
        field = level - reach.height
        field[~reach.cells | (reach.weight < Reach::BARELY)] = -0.02
        Relief::Contour.rings(field, reach.grid)
      end

      # The shore is what runs over ground; along the plinth's own edge the water stands against a dam.
      def shore(rings)
        inner = @terrain.ground.top.buffer(-@terrain.grid.cell)
        return 0.0 if inner.empty?

        rings.sum do |ring|
          line = Plan::Geos.line(ring)
          inner.contains?(line) ? line.length : Plan::Geos.length(line.intersection(inner))
        end
      end

      # Positive round an island: what is wet lies outside it.
      def signed(ring)
        ring.each_cons(2).sum { |(x0, y0), (x1, y1)| (x0 * y1) - (x1 * y0) } / 2
      end

      def dams(reach, level)
        return [] unless level > @lip

        lines = EdgeWalk.new(@terrain.bulk.top, reach, level).stretches
        @fall ? lines.select { |line| over_lip?(line, level) } : lines
      end

      # Running water may have fallen below the lip by where it leaves the base.
      def over_lip?(line, level) = @fall.level_at(*line[line.size / 2]) + level - @fall.level_mm > @lip

      def length_of(line) = line.each_cons(2).sum { |(x0, y0), (x1, y1)| Math.hypot(x1 - x0, y1 - y0) }
    end
  end
end
