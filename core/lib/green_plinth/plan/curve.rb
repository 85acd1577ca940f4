# frozen_string_literal: true

module GreenPlinth
  module Plan
    # A smooth line through given points: Catmull and Rom's (1974), each span in proportion to the root of its length. So it goes through
    # every point and makes no loop between two of them (Yuksel, Schaefer and Keyser 2011, "Parameterization and applications of
    # Catmull-Rom curves"). The pages set it out in the same way while it is pulled.
    module Curve
      # Chords for each span: of a bank drawn by hand, whose corners lie some mm apart, they stray by hundredths.
      CHORDS = 8
      # Nearer to each other, mm, two points are one.
      LEAST_MM = 1e-6

      module_function

      # @param points [Array<Array(Float, Float)>] mm
      # @param closed [Boolean] whether it comes back to where it began
      # @return [Array<Array(Float, Float)>] mm; the points given are among them
      def through(points, closed:)
        apart = apart(points, closed)
        return points if apart.size < 3

        spans = closed ? apart.size : apart.size - 1
        line = Array.new(spans) { |i| span(*(-1..2).map { |by| neighbour(apart, i + by, closed) }) }.flatten(1)
        closed ? line : line << apart.last
      end

      def apart(points, closed)
        kept = points.each_with_object([]) { |point, all| all << point if all.empty? || gap(all.last, point) > LEAST_MM }
        closed && kept.size > 1 && gap(kept.first, kept.last) <= LEAST_MM ? kept[0..-2] : kept
      end

      # Beyond the ends of an open line it goes on as it came.
      def neighbour(points, index, closed)
        return points[index % points.size] if closed
        return points[index] if index.between?(0, points.size - 1)

        ends = index.negative? ? points.first(2) : points.last(2).reverse
        ends[0].zip(ends[1]).map { |a, b| (2 * a) - b }
      end

      # Between which knots each level of Barry and Goldman's pyramid (1988) goes.
      LEVELS = [[[0, 1], [1, 2], [2, 3]], [[0, 2], [1, 3]], [[1, 2]]].freeze
      private_constant :LEVELS

      # From the second of four points to just before the third.
      def span(*four)
        knots = four.each_cons(2).reduce([0.0]) { |all, (a, b)| all << (all.last + Math.sqrt(gap(a, b))) }
        Array.new(CHORDS) do |step|
          at = knots[1] + ((knots[2] - knots[1]) * step / CHORDS)
          LEVELS.reduce(four) do |points, level|
            level.each_with_index.map do |(from, to), i|
              between(points[i], points[i + 1], (at - knots[from]) / (knots[to] - knots[from]))
            end
          end.first
        end
      end
      private_class_method :span

      def between(a, b, share) = [a[0] + ((b[0] - a[0]) * share), a[1] + ((b[1] - a[1]) * share)]
      private_class_method :between

      def gap(a, b) = Math.hypot(b[0] - a[0], b[1] - a[1])
      private_class_method :gap
    end
  end
end
