# frozen_string_literal: true

module GreenPlinth
  module Waters
    # How far water at a level gets: from the deepest ground inside the drawn outline it goes wherever lower ground
    # lets it, drawn or not. Fields are cut down to the window it reaches, so that a puddle costs a puddle's time.
    class Reach
      # Room round the wet cells, for those that their level just touches, in cells.
      MARGIN = 2
      # Less of a cell than this on the base counts for nothing.
      BARELY = 1e-6

      attr_reader :window, :grid, :height, :weight, :drawn, :core, :cells

      # @param terrain [Relief::Terrain]
      # @param drawn [Numo::DFloat] share of each cell's base inside the drawn outline
      # @param whole [Boolean] whether it fills every hollow inside the outline: a stream runs into each, still water has one deepest place
      # @return [Reach, nil] nil where no ground inside the outline is below the level
      def self.of(terrain, drawn, level, whole: false)
        low = (terrain.height < level) & (terrain.weight > BARELY)
        inside = low & (drawn > 0.5)
        return if inside.count_true.zero?

        return new(terrain, drawn, level, Patches.new(low).meeting(inside)) if whole

        heights = Numo::DFloat.new(*drawn.shape).fill(Float::INFINITY)
        heights[inside] = terrain.height[inside]
        new(terrain, drawn, level, Patches.new(low).holding(heights.min_index))
      end

      def initialize(terrain, drawn, level, runs)
        @window = window_of(runs, terrain.grid)
        @grid = terrain.grid.crop(*@window)
        @height = terrain.height[*@window]
        @weight = terrain.weight[*@window]
        @drawn = drawn[*@window]
        @core = filled(runs)
        @cells = @core | fringe(level)
      end

      # @return [Float] mm² of the base, of shares of cells
      def area(share) = (share * weight).sum * grid.cell_area

      private

      def window_of(runs, grid)
        rows = runs.map(&:first).minmax
        columns = [runs.map { |run| run[1] }.min, runs.map { |run| run[2] }.max]
        [[rows[0] - MARGIN, 0].max...[rows[1] + 1 + MARGIN, grid.rows].min,
          [columns[0] - MARGIN, 0].max...[columns[1] + MARGIN, grid.columns].min]
      end

      def filled(runs)
        top = window[0].begin
        left = window[1].begin
        Numo::Bit.zeros(*height.shape).tap do |core|
          runs.each { |row, from, to| core[row - top, (from - left)...(to - left)] = 1 }
        end
      end

      # Cells just above the level beside the water: part of their ground may be under it.
      def fringe(level)
        near = Relief::Adjacent.fold(Numo::DFloat.cast(core), :maximum) > 0
        near & (height >= level) & (weight > BARELY)
      end
    end
  end
end
