# frozen_string_literal: true

module GreenPlinth
  module Relief
    # How steep the finished ground is, cell by cell, and what that means for loose grains.
    class Slopes
      # Classes by their lower border in degrees; "slides" begins at the angle of repose of what lies there.
      CLASSES = [["level", 0], ["gentle", 5], ["steep", 15], ["slides", nil]].freeze
      # Of grains whose catalogue entry gives none. Source: EN 1991-1-1, table A.4: sand 30°.
      USUAL_REPOSE_DEG = 30.0
      OFF = -1

      # @param terrain [Terrain]
      # @param zones [Array<Design::Zone>]
      def initialize(terrain, zones)
        @terrain = terrain
        @zones = zones
      end

      # @return [Numo::DFloat] rise for each mm of run, by central differences; one-sided at the rim of the base
      def gradient
        @gradient ||= Numo::NMath.sqrt((across**2) + (along**2))
      end

      # @return [Numo::DFloat] degrees
      def degrees = @degrees ||= Numo::NMath.atan(gradient) * (180 / Math::PI)

      # @return [Numo::Int32] index into CLASSES; OFF off the base
      def classes
        found = Numo::Int32.zeros(*degrees.shape)
        CLASSES.each_with_index { |(_, from), index| found[degrees >= (from || repose)] = index }
        found[@terrain.weight < 0.5] = OFF
        found
      end

      # @return [Float] degrees at which a zone's loose grains slide; the usual where none lies
      def repose_deg(zone)
        loose = zone.courses.filter_map(&:material).select { |material| material.trait?("loose") || material.trait?("granular") }
        loose.filter_map { |material| material["repose_deg"] }.min || USUAL_REPOSE_DEG
      end

      private

      # What slides where, cell by cell.
      def repose
        field = Numo::DFloat.new(*degrees.shape).fill(USUAL_REPOSE_DEG)
        @zones.each_with_index { |zone, index| field[@terrain.zone_map.eq(index)] = repose_deg(zone) }
        field
      end

      def across = slope(1)
      def along = slope(0)

      # Rise over run along one axis; a neighbour that is off the base does not count.
      def slope(axis)
        ahead = shifted(axis, 1)
        behind = shifted(axis, -1)
        run = (ahead[1] + behind[1]) * @terrain.grid.cell
        run[run < 1e-9] = 1.0
        (ahead[0] - behind[0]) / run
      end

      # @return [Array(Numo::DFloat, Numo::DFloat)] the neighbour's height, and 1 where there is one
      def shifted(axis, by)
        height = @terrain.height.copy
        there = Numo::DFloat.zeros(*height.shape)
        size = height.shape[axis]
        to, from = by.positive? ? [0...(size - 1), 1...size] : [1...size, 0...(size - 1)]
        on = Numo::DFloat.cast(@terrain.weight > 0.5)
        pick = ->(range) { axis.zero? ? [range, true] : [true, range] }
        there[*pick[to]] = on[*pick[from]]
        mask = there > 0
        moved = height.copy
        moved[*pick[to]] = @terrain.height[*pick[from]]
        height[mask] = moved[mask]
        [height, there]
      end
    end
  end
end
