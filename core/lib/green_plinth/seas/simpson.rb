# frozen_string_literal: true

module GreenPlinth
  module Seas
    # Simpson's rule for ordinates at any distances: a parabola through each three of them. At equal distances it is the rule that naval
    # architects know. Exact for whatever is no more than a cubic there, and a parabola elsewhere.
    module Simpson
      module_function

      # @param points [Array<Array(Float, Float)>] abscissa and ordinate, in order
      # @return [Float]
      def integral(points)
        return 0.0 if points.size < 2
        return ends(points) if points.size == 2

        whole = (points.size - 1) / 2
        sum = (0...whole).sum { |i| parabola(*points[2 * i, 3]) }
        points.size.even? ? sum + last(points) : sum
      end

      def ends((a, b)) = (b[0] - a[0]) * (a[1] + b[1]) / 2.0

      def parabola(a, b, c)
        h, k = b[0] - a[0], c[0] - b[0]
        (h + k) / 6.0 * (((2 - (k / h)) * a[1]) + ((h + k)**2 / (h * k) * b[1]) + ((2 - (h / k)) * c[1]))
      end

      # An odd one out lies under the parabola through the last three.
      def last(points)
        a, b, c = points.last(3)
        h, k = b[0] - a[0], c[0] - b[0]
        (c[1] * ((2 * k**2) + (3 * h * k)) / (6 * (h + k))) + (b[1] * (k**2 + (3 * h * k)) / (6 * h)) - (a[1] * k**3 / (6 * h * (h + k)))
      end
    end
  end
end
