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

      # @param slope_deg [Float] 1..80
      # @param cell [Float] mm
      def initialize(slope_deg, cell)
        @fall = Math.tan(slope_deg * Math::PI / 180) * cell
      end

      # @param ground [Numo::DFloat] heights, mm
      # @param inside [Numo::Bit] only ground in here holds filler up, and only here does it lie
      # @return [Numo::DFloat] heights with the filler
      def call(ground, inside)
        height, ceiling = sources(ground)
        height[~inside] = NONE
        reach = reach(ground, inside)
        DIRECTIONS.each { |dx, dy| walk(height, dx, dy, reach) }
        out = ground.copy
        out[inside] = Numo::DFloat.minimum(height, ceiling)[inside]
        Numo::DFloat.maximum(out, ground)
      end

      private

      # Where a step crosses a cell, the filler starts from the step's true place within it: a cell filled to the
      # share f by the upper ground has the edge (f - 1/2) cells beyond its centre, a whole one at a straight side half a cell.
      # The height that stands for that may top the step itself by a hair, so a ceiling goes with it.
      # @return [Array(Numo::DFloat, Numo::DFloat)]
      def sources(ground)
        low = Relief::Adjacent.fold(ground, :minimum)
        high = Relief::Adjacent.fold(ground, :maximum)
        step = ((high - low) > @fall * 3) & (ground > low + 1e-9)
        height = ground.copy
        ceiling = Numo::DFloat.new(*ground.shape).fill(Float::INFINITY)
        share = (ground[step] - low[step]) / (high[step] - low[step])
        height[step] = high[step] + ((share - 0.5) * @fall)
        ceiling[step] = high[step]
        [height, ceiling]
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
