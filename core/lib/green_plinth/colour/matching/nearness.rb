# frozen_string_literal: true

module GreenPlinth
  module Colour
    class Matching
      # Which mixes may lie within a ΔE00 of the wanted colour. What the formula divides by is taken as large as it can be within
      # that distance, so that none is passed over that lies nearer:
      #   lightness    ΔL' ÷ S_L, with S_L where lightness is farthest from 50
      #   chroma, hue  at least √f · d ÷ (1 + 0.045 C'), where d is the distance of a and b (stretched by the formula, never
      #                shrunk), C' the largest mean chroma, and f what the turning of blues leaves at the worst
      class Nearness
        # The stretch of a* is 1.5 at the most, and the turning term R_T at most 2 sin 60°.
        STRETCH = 1.5
        TURN = Math.sqrt(3) / 2
        # What sums in another order may differ by.
        EASE = 1e-9

        # @param wanted [Lab]
        # @param limit [Float, nil] ΔE00; nil: any
        def initialize(wanted, limit)
          @wanted = wanted
          @limit = limit
        end

        # @param mixes [Candidates]
        # @return [Numo::Int32] which of them may be as bright: by Y alone, as it is
        def bright(mixes)
          least, most = mixes.bounds(1)
          reach = @limit * lightness_divisor
          ((most >= luminance(@wanted.l - reach)) & (least <= luminance(@wanted.l + reach))).where
        end

        # @param mixes [Candidates]
        # @return [Numo::Int32] which of them may be as near, by all that is known before they are looked at
        def coloured(mixes)
          x, y, z = (0..2).map { |channel| mixes.bounds(channel).map { |bound| root(bound, channel) } }
          l = gap(*y.map { |limit| (limit * 116) - 16 }, @wanted.l)
          a = gap((x[0] - y[1]) * 500, (x[1] - y[0]) * 500, @wanted.a)
          b = gap((y[0] - z[1]) * 200, (y[1] - z[0]) * 200, @wanted.b)
          ((l / lightness_divisor).square + ((a.square + b.square) * chroma_factor) <= @limit**2).where
        end

        # @param tones [Array<Numo::DFloat>] X, Y and Z of each
        # @return [Array<Array(Integer, Float)>] those that lie within it, and how far off, ΔE00; the nearest first
        def exactly(tones)
          x, y, z = (0..2).map { |channel| root(tones[channel], channel) }
          apart = Differences.from(@wanted, [(y * 116) - 16, (x - y) * 500, (y - z) * 200])
          rows = @limit ? (apart <= @limit + EASE).where.to_a : (0...apart.size).to_a
          rows.zip(apart[rows].to_a).sort_by(&:last)
        end

        private

        def gap(least, most, wanted) = Numo::DFloat.maximum(Numo::DFloat.maximum(least - wanted, wanted - most), 0.0)

        def root(value, channel)
          t = Numo::DFloat.maximum(value, 0.0) / Light::WHITE[channel]
          small = t <= (6.0 / 29)**3
          found = Numo::NMath.cbrt(t)
          found[small] = (t[small] / (3 * ((6.0 / 29)**2))) + (4.0 / 29) if small.any?
          found
        end

        # @return [Float] Y of a lightness
        def luminance(lightness)
          t = (lightness + 16) / 116
          t > 6.0 / 29 ? t**3 : (t - (4.0 / 29)) * 3 * ((6.0 / 29)**2)
        end

        def lightness_divisor
          off = [(@wanted.l - 50).abs + @limit, 50].min
          1 + (0.015 * (off**2) / Math.sqrt(20 + (off**2)))
        end

        def chroma_factor
          own = STRETCH * Math.hypot(@wanted.a, @wanted.b)
          worst = Math.sqrt(1 - TURN)
          spread = worst - (0.0225 * @limit)
          return 0.0 unless spread.positive?

          mean = own + (@limit * (1 + (0.045 * own)) / spread / 2)
          turned = 1 - (TURN * Math.sqrt((mean**7) / ((mean**7) + (25.0**7))))
          turned / ((1 + (0.045 * mean))**2)
        end
      end
    end
  end
end
