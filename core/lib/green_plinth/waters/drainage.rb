# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Where water would run from a point: downhill, filling each hollow to its lowest saddle, until it leaves the base.
    # Cells are counted through, with one empty cell all round so that no neighbour lies across a row's end.
    class Drainage
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
        @grid = terrain.grid
        @width = @grid.columns + 2
        @height = padded(terrain.height)
        @weight = padded(terrain.weight)
        @beside = [-@width - 1, -@width, -@width + 1, -1, 1, @width - 1, @width, @width + 1]
        @reach = @beside.to_h { |by| [by, [1, @width].include?(by.abs) ? 1.0 : Math.sqrt(2)] }
      end

      # @param at [Array(Float, Float)] mm on the plan
      # @return [Run, nil] nil off the base
      def from(at)
        row, column = @grid.at(*at)
        start = row && (((row + 1) * @width) + column + 1)
        walk(start) if start && on_base?(start)
      end

      private

      def padded(field)
        out = Numo::DFloat.zeros(@grid.rows + 2, @width)
        out[1..@grid.rows, 1..@grid.columns] = field
        out.flatten.to_a
      end

      def on_base?(cell) = @weight[cell] > 0.5

      # A hollow once filled is level ground at its saddle, so that a hollow beside it that runs back fills both.
      def walk(cell)
        path = [cell]
        hollows = []
        first = @height[cell]
        MOST_STEPS.times do
          break if at_edge?(path.last)

          lower = steepest(path.last)
          next path << lower if lower

          hollow = fill(path.last)
          hollows << hollow_as_data(hollow)
          break unless hollow[:outlet]

          hollow[:cells].each { |wet| @height[wet] = hollow[:level] }
          path << hollow[:outlet]
        end
        Run.new(points: path.map { |one| point(one) }, ends: at_edge?(path.last) ? "edge" : "level",
          drop_mm: first - @height[path.last], hollows: hollows.select { |hollow| hollow["ml"] >= LEAST_ML })
      end

      def at_edge?(cell) = @beside.any? { |by| !on_base?(cell + by) }

      # @return [Integer, nil] the neighbour down the steepest way; nil in a hollow or on the level
      def steepest(cell)
        here = @height[cell]
        best = @beside.max_by { |by| on_base?(cell + by) ? (here - @height[cell + by]) / @reach[by] : -Float::INFINITY }
        cell + best if on_base?(cell + best) && here - @height[cell + best] > LEVEL_MM
      end

      # Floods outward, the lowest cell first, until one of its neighbours lies lower than the water: the outlet.
      def fill(bottom)
        waiting = [[@height[bottom], bottom]]
        queued = { bottom => true }
        wet = []
        level = @height[bottom]
        until waiting.empty?
          low, cell = waiting.shift
          level = low if low > level
          wet << cell
          return filled(wet, level, cell) if at_edge?(cell)

          @beside.each do |by|
            other = cell + by
            next if queued[other]
            return filled(wet, level, other) if @height[other] < level - LEVEL_MM

            queued[other] = true
            wait(waiting, other)
          end
        end
        filled(wet, level, nil)
      end

      # Lowest first; of equals, the one that has waited longest.
      def wait(waiting, cell)
        level = @height[cell]
        return waiting << [level, cell] if waiting.empty? || waiting.last.first <= level

        waiting.insert(waiting.bsearch_index { |other, _| other > level }, [level, cell])
      end

      def filled(wet, level, outlet) = { cells: wet, level: level, outlet: outlet }

      def hollow_as_data(hollow)
        volume = hollow[:cells].sum { |cell| [hollow[:level] - @height[cell], 0].max * @weight[cell] } * @grid.cell_area
        deepest = hollow[:cells].min_by { |cell| @height[cell] }
        { "at" => point(deepest), "level_mm" => hollow[:level].round(2), "ml" => (volume / 1000).round(3) }
      end

      def point(cell)
        row, column = cell.divmod(@width)
        [(@grid.left + ((column - 0.5) * @grid.cell)).round(2), (@grid.front + ((row - 0.5) * @grid.cell)).round(2)]
      end
    end
  end
end
