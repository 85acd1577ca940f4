# frozen_string_literal: true

module GreenPlinth
  module Waters
    # The cells a water stands in, with what lies in each below any level. A cell that a sheer side crosses holds low
    # ground and high ground; taking it for one mean height would lose half its water. So the ground of a cell is a
    # share at the lowest height round it and the rest at the highest, with the same mean: on a smooth slope that
    # changes nothing that can be measured, at a wall it is exact.
    class Basin
      # @return [Array(Range, Range)] rows and columns of the whole grid that it lies in
      attr_reader :window

      # @return [Relief::Grid] of these
      attr_reader :grid

      # @param reach [Reach]
      def initialize(reach)
        @window = reach.window
        @grid = reach.grid
        @ground = reach.height
        @cells = reach.cells
        @share = Numo::DFloat.cast(@cells) * reach.weight * reach.grid.cell_area
        off = reach.weight < Reach::BARELY
        @low = folded(@ground, off, 1e9, :minimum)
        @high = folded(@ground, off, -1e9, :maximum)
        spread = @high - @low
        flat = spread < 1e-9
        spread[flat] = 1.0
        @low_share = ((@high - @ground) / spread).clip(0.0, 1.0)
        @low_share[flat] = 1.0
      end

      # The same without what something else takes the place of.
      # @param taken [Numo::DFloat] share of each cell's base, over the whole grid
      # @return [Basin]
      def without(taken)
        dup.tap { |open| open.instance_exec { @share = @share * (1 - taken[*@window]).clip(0.0, 1.0) } }
      end

      # The same, of part of it.
      # @param share [Numo::DFloat] of each cell of its own window
      # @return [Basin]
      def only(share) = dup.tap { |part| part.instance_exec { @share = @share * share } }

      # @return [Float] mm, the deepest below a level of the cells that are open by half at the least; 0 where there are none
      def deepest(level)
        open = @cells & (@share > @share.max / 2)
        open.count_true.zero? ? 0.0 : [level - @ground[open].min, 0.0].max
      end

      # @return [Float] mm³ between the ground and a level
      def volume(level) = (@share * depth(level)).sum

      # @return [Float] mm² wet at a level
      def area(level) = (@share * wet(level)).sum

      # @return [Numo::DFloat] share of each cell's ground that is under the level, 0..1
      def wet(level)
        wet = Numo::DFloat.zeros(*@ground.shape)
        part = (@low < level) & @cells
        wet[part] = @low_share[part]
        wet[(@high <= level) & @cells] = 1.0
        wet
      end

      # @param height [Float] mm
      # @return [Array<Array<Array(Float, Float)>>] closed rings in mm, of what its ground lies below a height
      def rings_below(height)
        field = height - @ground
        field[~@cells] = -0.02
        Relief::Contour.rings(field, @grid)
      end

      # @param row [Integer] of the whole grid
      # @return [Float, nil] mm; nil where it is dry
      def depth_at(row, column, level)
        rows, columns = @window
        return unless rows.cover?(row) && columns.cover?(column)

        i = row - rows.begin
        j = column - columns.begin
        return if @cells[i, j].zero?

        depth = level - @ground[i, j]
        depth if depth.positive?
      end

      # @param grid [Relief::Grid] the whole one
      # @return [Numo::DFloat] mm of water over every cell of it; 0 where it is dry
      def depths(grid, level)
        field = Numo::DFloat.zeros(*grid.shape)
        field[*@window] = (level - @ground).clip(0.0, nil) * @cells
        field
      end

      private

      def depth(level)
        mixed = @low_share * (level - @low)
        Numo::DFloat.maximum(mixed, level - @ground).clip(0.0, nil)
      end

      def folded(ground, off, outside, fold)
        field = ground.copy
        field[off] = outside
        Relief::Adjacent.fold(field, fold).tap { |out| out[off] = ground[off] }
      end
    end
  end
end
