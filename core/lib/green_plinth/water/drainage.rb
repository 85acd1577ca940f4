# frozen_string_literal: true

module GreenPlinth
  module Water
    # Where water would run from a point: downhill, filling each hollow to its lowest saddle, until it leaves the base.
    class Drainage
      NEIGHBOURS = [[-1, -1], [-1, 0], [-1, 1], [0, -1], [0, 1], [1, -1], [1, 0], [1, 1]].freeze
      # Flatter than this a cell is taken for level, mm.
      LEVEL_MM = 1e-6
      MOST_STEPS = 5000
      # Less than this is a dimple, ml.
      LEAST_ML = 0.005

      # ends: "edge" (runs off the base there) or "level" (stands where it was poured). hollows: each with its middle, the
      # level it fills to and the ml it holds.
      Run = Struct.new(:points, :ends, :drop_mm, :hollows, keyword_init: true) do
        def to_h = { "points" => points, "ends" => ends, "drop_mm" => drop_mm.round(2), "hollows" => hollows }
      end

      # @param terrain [Relief::Terrain]
      def initialize(terrain)
        @height = terrain.height.copy
        @weight = terrain.weight
        @grid = terrain.grid
      end

      # @param at [Array(Float, Float)] mm on the plan
      # @return [Run, nil] nil off the base
      def from(at)
        start = @grid.at(*at)
        return unless start && on_base?(start)

        walk(start)
      end

      private

      def on_base?((row, column)) = row.between?(0, @grid.rows - 1) && column.between?(0, @grid.columns - 1) && @weight[row, column] > 0.5
      def height(cell) = @height[*cell]

      # A hollow once filled is level ground at its saddle, so that a hollow beside it that runs back fills both.
      def walk(cell)
        path = [cell]
        hollows = []
        first = height(cell)
        MOST_STEPS.times do
          break if at_edge?(path.last)

          lower = steepest(path.last)
          next path << lower if lower

          hollow = fill(path.last)
          hollows << told(hollow)
          break unless hollow[:outlet]

          hollow[:cells].each { |wet| @height[*wet] = hollow[:level] }
          path << hollow[:outlet]
        end
        Run.new(points: path.map { |one|
 point(one) }, ends: at_edge?(path.last) ? "edge" : "level", drop_mm: first - height(path.last), hollows: hollows.select { |hollow|
 hollow["ml"] >= LEAST_ML })
      end

      def at_edge?(cell) = around(cell).any? { |other| !on_base?(other) }
      def around((row, column)) = NEIGHBOURS.map { |up, side| [row + up, column + side] }

      # @return [Array(Integer, Integer), nil] the neighbour down the steepest way; nil in a hollow or on the level
      def steepest(cell)
        around(cell).select { |other| on_base?(other) && height(cell) - height(other) > LEVEL_MM }
          .max_by { |other| (height(cell) - height(other)) / Math.hypot(other[0] - cell[0], other[1] - cell[1]) }
      end

      # Floods outward, the lowest cell first, until one of its neighbours lies lower than the water: the outlet.
      def fill(bottom)
        waiting = [[height(bottom), bottom]]
        queued = { bottom => true }
        wet = {}
        level = height(bottom)
        until waiting.empty?
          low, cell = waiting.shift
          level = [level, low].max
          wet[cell] = true
          return filled(wet, level, cell) if at_edge?(cell)

          beside = around(cell).reject { |other| queued[other] }
          outlet = beside.find { |other| height(other) < level - LEVEL_MM }
          return filled(wet, level, outlet) if outlet

          beside.each { |other| (queued[other] = true) && wait(waiting, other) }
        end
        filled(wet, level, nil)
      end

      # Lowest first.
      def wait(waiting, cell)
        level = height(cell)
        waiting.insert(waiting.bsearch_index { |other, _| other > level } || waiting.size, [level, cell])
      end

      def filled(wet, level, outlet) = { cells: wet.keys, level: level, outlet: outlet }

      def told(hollow)
        volume = hollow[:cells].sum { |cell| [hollow[:level] - height(cell), 0].max * @weight[*cell] } * @grid.cell_area
        deepest = hollow[:cells].min_by { |cell| height(cell) }
        { "at" => point(deepest), "level_mm" => hollow[:level].round(2), "ml" => (volume / 1000).round(3) }
      end

      def point((row, column)) = [(@grid.left + ((column + 0.5) * @grid.cell)).round(2), (@grid.front + ((row + 0.5) * @grid.cell)).round(2)]
    end
  end
end
