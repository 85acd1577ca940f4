# frozen_string_literal: true

module GreenPlinth
  module Plan
    # A line of straight legs on the plan, told along it: streams fall, roads and rails run along such.
    class Polyline
      # A leg of less has no direction, mm.
      LEAST_MM = 1e-9
      # Farther than any base is wide, mm.
      FAR = 1e6

      # from, to: mm along the line.
      Straight = Struct.new(:from, :to) do
        def run = to - from
      end

      attr_reader :points, :legs

      # @param points [Array<Array(Float, Float)>] two or more
      def initialize(points)
        @points = points.map { |x, y| [x.to_f, y.to_f] }
        along = @points.each_cons(2).reduce([0.0]) { |sums, (a, b)| sums << (sums.last + Math.hypot(b[0] - a[0], b[1] - a[1])) }
        @legs = along.each_cons(2).map { |from, to| Straight.new(from, to) }
      end

      # @return [Float] mm
      def length_mm = legs.last.to

      # @param station [Float] mm along it; before its start and past its end its first and last legs go on
      # @return [Array(Array(Float, Float), Array(Float, Float))] the place there, and its direction as a unit vector
      def at(station)
        index = legs.index { |leg| station <= leg.to && leg.run > LEAST_MM } || legs.rindex { |leg| leg.run > LEAST_MM }
        (x0, y0), (x1, y1) = points[index], points[index + 1]
        way = [(x1 - x0) / legs[index].run, (y1 - y0) / legs[index].run]
        by = station - legs[index].from
        [[x0 + (way[0] * by), y0 + (way[1] * by)], way]
      end

      # @return [Array(Float, Float)] mm: how far a place is from the line, and how far along the nearest point of it lies
      def nearest(x, y) = legs.each_index.map { |index| nearest_on(index, x, y) }.min_by(&:first)

      # Square to the line.
      # @param half [Float] mm to each side
      # @return [Array<Array(Float, Float)>] two ends, the right one first
      def across(station, half)
        (x, y), way = at(station)
        [half, -half].map { |by| [x + (way[1] * by), y - (way[0] * by)] }
      end

      # The line beside it.
      # @param by [Float] mm to the left of its direction; negative to the right
      # @param from [Float] mm along it
      # @param to [Float]
      # @param step [Float] mm between two points
      # @return [Array<Array(Float, Float)>]
      def beside(by, from: 0.0, to: length_mm, step: 1.0)
        count = [((to - from) / step).ceil, 1].max
        (0..count).map do |index|
          (x, y), way = at(from + ((to - from) * index / count))
          [x - (way[1] * by), y + (way[0] * by)]
        end
      end

      # @param grid [Relief::Grid]
      # @param reach [Float, nil] mm that is looked to each side of every leg; nil: over all of the grid
      # @return [Array(Numo::DFloat, Numo::DFloat)] mm, of each cell's middle: from the line, and along it; FAR where nobody has looked
      def fields(grid, reach: nil)
        best = Numo::DFloat.new(*grid.shape).fill(FAR**2)
        along = Numo::DFloat.zeros(*grid.shape)
        legs.each_with_index { |leg, index| look(leg, index, grid, windows(index, grid, reach), best, along) }
        [Numo::NMath.sqrt(best), along]
      end

      # The tightest bend: the circle through three places that lie so far apart along it.
      # @param step [Float] mm
      # @return [Array(Float, Float), nil] its radius and where it is along the line, mm; nil for a straight one
      def tightest(step)
        stations = (0..(length_mm / step).floor).map { |index| index * step }
        stations.each_cons(3).filter_map { |three| radius(three.map { |one| at(one).first })&.then { |mm| [mm, three[1]] } }.min_by(&:first)
      end

      private

      def nearest_on(index, x, y)
        leg = legs[index]
        (x0, y0), (x1, y1) = points[index], points[index + 1]
        return [Math.hypot(x - x0, y - y0), leg.from] if leg.run < LEAST_MM

        share = ((((x - x0) * (x1 - x0)) + ((y - y0) * (y1 - y0))) / (leg.run**2)).clamp(0.0, 1.0)
        [Math.hypot(x - x0 - ((x1 - x0) * share), y - y0 - ((y1 - y0) * share)), leg.from + (leg.run * share)]
      end

      def windows(index, grid, reach)
        return [0...grid.rows, 0...grid.columns] unless reach

        xs, ys = points[index, 2].transpose
        grid.window(xs.min - reach, ys.min - reach, xs.max + reach, ys.max + reach)
      end

      # Keeps of a leg what is nearer than what was found before it. Arithmetic instead of masks: cells are many and legs are few.
      def look(leg, index, grid, window, best, along)
        return unless window

        part = grid.crop(*window)
        known, told = best[*window], along[*window]
        share, squared = shares(leg, index, part.xs, part.ys)
        # These are views: along first, which asks for best as it was.
        along[*window] = told + (Numo::DFloat.cast(squared < known) * (leg.from + (share * leg.run) - told))
        best[*window] = Numo::DFloat.minimum(known, squared)
      end

      def shares(leg, index, xs, ys)
        (x0, y0), (x1, y1) = points[index], points[index + 1]
        long = leg.run**2
        share = long < LEAST_MM ? (xs + ys) * 0.0 : ((((xs - x0) * (x1 - x0)) + ((ys - y0) * (y1 - y0))) / long).clip(0.0, 1.0)
        dx, dy = xs - x0 - (share * (x1 - x0)), ys - y0 - (share * (y1 - y0))
        [share, (dx * dx) + (dy * dy)]
      end

      # a·b·c ÷ 4 areas.
      def radius(three)
        sides = three.each_cons(2).map { |(ax, ay), (bx, by)| Math.hypot(bx - ax, by - ay) }
        sides << Math.hypot(three[2][0] - three[0][0], three[2][1] - three[0][1])
        doubled = ((three[1][0] - three[0][0]) * (three[2][1] - three[0][1])) - ((three[1][1] - three[0][1]) * (three[2][0] - three[0][0]))
        sides.reduce(:*) / (2 * doubled.abs) if doubled.abs > 1e-6
      end
    end
  end
end
