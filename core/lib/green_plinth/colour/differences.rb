# frozen_string_literal: true

module GreenPlinth
  module Colour
    # CIEDE2000 of one colour to many at once: the formula of Difference, in columns.
    module Differences
      RADIAN = Math::PI / 180
      F = Numo::DFloat
      M = Numo::NMath
      private_constant :RADIAN, :F, :M

      module_function

      # @param one [Lab]
      # @param labs [Array(Numo::DFloat, Numo::DFloat, Numo::DFloat)] L*, a* and b* of the others
      # @return [Numo::DFloat] ΔE00 to each
      def from(one, (l, a, b))
        chroma = (M.sqrt(a.square + b.square) + Math.hypot(one.a, one.b)) / 2
        stretch = ((M.sqrt(seventh(chroma)) - 1) * -0.5) + 1
        own = stretch * one.a
        c1 = M.sqrt(own.square + (one.b**2))
        c2 = M.sqrt((stretch * a).square + b.square)
        h1 = hue(own, F.zeros(a.size) + one.b)
        h2 = hue(stretch * a, b)
        weighed(l - one.l, (l + one.l) / 2, c2 - c1, (c1 + c2) / 2, *turned(h1, h2, c1 * c2))
      end

      def seventh(chroma) = (chroma**7).then { |power| power / (power + (25.0**7)) }
      private_class_method :seventh

      # 0 where there is none, 0..360.
      def hue(a, b) = M.atan2(b, a).then { |angle| (angle / RADIAN) + (angle.lt(0).cast_to(F) * 360) }
      private_class_method :hue

      # @return [Array(Numo::DFloat, Numo::DFloat)] the difference in hue ΔH', and the mean hue
      def turned(h1, h2, product)
        apart = h2 - h1
        far = apart.abs > 180
        turn = far.cast_to(F) * 360
        short = apart - (turn * ((apart.gt(0).cast_to(F) * 2) - 1))
        sum = h1 + h2
        mean = (sum + (turn * ((sum.lt(360).cast_to(F) * 2) - 1))) / 2
        grey = product.eq(0)
        mean[grey] = sum[grey] if grey.any?
        [M.sqrt(product) * M.sin(short * (RADIAN / 2)) * 2, mean]
      end
      private_class_method :turned

      def weighed(light, lightness, chroma, mean_chroma, hue, mean_hue)
        off = (lightness - 50).square
        c = chroma / ((mean_chroma * 0.045) + 1)
        h = hue / ((mean_chroma * tint(mean_hue) * 0.015) + 1)
        turn = M.sin(M.exp(((mean_hue - 275) / 25).square * -1) * (60 * RADIAN)) * M.sqrt(seventh(mean_chroma)) * -2
        M.sqrt(F.maximum((light / ((off * 0.015 / M.sqrt(off + 20)) + 1)).square + c.square + h.square + (turn * c * h), 0.0))
      end
      private_class_method :weighed

      def tint(mean)
        cos = ->(angle) { M.cos(angle * RADIAN) }
        1 - (cos[mean - 30] * 0.17) + (cos[mean * 2] * 0.24) + (cos[(mean * 3) + 6] * 0.32) - (cos[(mean * 4) - 63] * 0.20)
      end
      private_class_method :tint
    end
  end
end
