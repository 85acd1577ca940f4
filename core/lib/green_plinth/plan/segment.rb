# frozen_string_literal: true

module GreenPlinth
  module Plan
    # Straight stretches of the plan, as pairs of corners.
    module Segment
      module_function

      # @return [Array(Float, Float)] the point of a–b that is nearest to another
      def nearest((x, y), (x0, y0), (x1, y1))
        dx = x1 - x0
        dy = y1 - y0
        long = (dx**2) + (dy**2)
        along = long.zero? ? 0 : ((((x - x0) * dx) + ((y - y0) * dy)) / long).clamp(0.0, 1.0)
        [x0 + (along * dx), y0 + (along * dy)]
      end

      # @param segments [Array<Array(Point, Point)>]
      # @return [Array(Float, Float), nil] the point of all of them that is nearest; nil where there are none
      def nearest_of(point, segments)
        segments.map { |a, b| nearest(point, a, b) }.min_by { |x, y| Math.hypot(x - point[0], y - point[1]) }
      end

      # Twice the area of a ring, positive where it runs counter-clockwise.
      # @param ring [Array<Array(Float, Float)>] closed or not
      def doubled_area(ring) = [*ring, ring.first].each_cons(2).sum { |(x0, y0), (x1, y1)| (x0 * y1) - (x1 * y0) }
    end
  end
end
