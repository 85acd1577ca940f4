# frozen_string_literal: true

module GreenPlinth
  module Relief
    # The least surface over a ground that is nowhere steeper than a slope: the upper envelope of cones let down from
    # every point. Each direction is walked in doubling steps; forty directions keep distances within 0.5 % of true.
    class SlopeLimit
      # One eighth of a turn of lattice directions, evenly enough spread; mirrored into all eight.
      OCTANT = [[1, 0], [6, 1], [3, 1], [2, 1], [4, 3], [1, 1]].freeze
      DIRECTIONS = OCTANT.flat_map do |x, y|
        [[x, y], [y, x]].flat_map { |a, b| [[a, b], [-a, b], [a, -b], [-a, -b]] }
      end.uniq.freeze
      NONE = -1e9
      # Beside a step the ground falls by no more than this share of what the filler does.
      BESIDE = 0.5

      # @param slope_deg [Float] 1..80
      # @param cell [Float] mm
      # @param sloping [Numo::DFloat] mm from the middle of a sloping side to its crest, where one is, else 0; nil: none anywhere
      def initialize(slope_deg, cell, sloping = nil)
        @slope = Math.tan(slope_deg * Math::PI / 180)
        @fall = @slope * cell
        @sloping = sloping
      end

      # @param ground [Numo::DFloat] heights, mm
      # @param inside [Numo::Bit] only ground in here holds filler up, and only here does it lie
      # @return [Numo::DFloat] heights with the filler
      def call(ground, inside)
        height, ceiling, crest = sources(ground)
        height[~inside] = NONE
        started = height.copy
        reach = reach(ground, inside)
        DIRECTIONS.each { |dx, dy| walk(height, dx, dy, reach) }
        out = ground.copy
        filled = inside & ~(crest & (height < started + 1e-9))
        out[filled] = Numo::DFloat.minimum(height, ceiling)[filled]
        Numo::DFloat.maximum(out, ground)
      end

      private

      # What the filler starts from. The height that stands for a place between two cells may top the ground by a hair, so a
      # ceiling goes with a step, and a crest that nothing else fills stays as it is.
      # @return [Array(Numo::DFloat, Numo::DFloat, Numo::Bit)]
      def sources(ground)
        low, high = [:minimum, :maximum].map { |way| Relief::Adjacent.fold(ground, way) }
        lower = Relief::Adjacent.fold(low, :minimum)
        step = step?(ground, low, high, Relief::Adjacent.fold(high, :maximum) - lower)
        height = ground.copy
        ceiling = Numo::DFloat.new(*ground.shape).fill(Float::INFINITY)
        from_steps(height, ceiling, step, low, high)
        crest = ~step & ((low - lower) > @fall) & (ground > high - 1e-9)
        from_crests(height, crest, low, lower)
        [height, ceiling, crest]
      end

      # Ground that falls within one cell. A steep bevel is no step: it goes on falling in the cells beside it.
      def step?(ground, low, high, over) = ((high - low) > @fall * 3) & (ground > low + 1e-9) & (over - high + low < @fall * BESIDE)

      # Where a step crosses a cell, from the step's true place within it: a cell filled to the share f by the upper ground has
      # the edge (f - 1/2) cells beyond its centre, a whole one at a straight side half a cell. A side that slopes within so
      # few cells looks the same, but its crest stands back.
      def from_steps(height, ceiling, step, low, high)
        share = (height[step] - low[step]) / (high[step] - low[step])
        ceiling[step] = high[step]
        height[step] = high[step] + ((share - 0.5) * @fall)
        height[step] = height[step] - (Relief::Adjacent.fold(@sloping, :maximum)[step] * @slope) if @sloping
      end

      # Where the highest ground turns down steeply between two cells, from the crest: as far beyond the upper cell as the drop
      # to the next falls short of the drop after it.
      def from_crests(height, crest, low, lower)
        beyond = (1 - ((height[crest] - low[crest]) / (low[crest] - lower[crest]))).clip(0.0, 1.0)
        height[crest] = height[crest] + (beyond * @fall)
      end

      # Cells beyond which a cone from the highest ground is below the lowest.
      def reach(ground, inside)
        return 0 if inside.count_true.zero?

        heights = ground[inside]
        ((heights.max - heights.min) / @fall).ceil
      end

      def walk(height, dx, dy, reach)
        length = Math.hypot(dx, dy)
        step = 1
        while step * length <= reach * 2
          shift(height, dx * step, dy * step, @fall * length * step)
          step *= 2
        end
      end

      def shift(height, dx, dy, drop)
        rows, columns = height.shape
        return if dx.abs >= columns || dy.abs >= rows

        from = [span(-dy, rows), span(-dx, columns)]
        to = [span(dy, rows), span(dx, columns)]
        height[*to] = Numo::DFloat.maximum(height[*to], height[*from].copy - drop)
      end

      def span(offset, count) = offset.positive? ? (offset...count) : (0...(count + offset))
    end
  end
end
