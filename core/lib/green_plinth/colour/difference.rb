# frozen_string_literal: true

module GreenPlinth
  module Colour
    # CIEDE2000. Source: Sharma, Wu and Dalal, "The CIEDE2000 Color-Difference Formula", Color Research and
    # Application 30 (2005); the steps are numbered as there.
    class Difference
      def self.between(one, other) = new(one, other).call

      # What a difference looks like, up to which ΔE00 (from memory; 1 is about what is just seen side by side).
      LOOKS = { 1.0 => "cannot be told apart", 2.0 => "the same, side by side", 5.0 => "near", 10.0 => "of that kind" }.freeze

      # @param difference [Float] ΔE00
      # @return [String]
      def self.words(difference) = LOOKS.find { |most, _| difference < most }&.last || "far off"

      # @param one [Lab]
      # @param other [Lab]
      def initialize(one, other)
        @one = one
        @other = other
      end

      # @return [Float] ΔE00; under about 2 the two look the same side by side
      def call
        mean = (Math.hypot(@one.a, @one.b) + Math.hypot(@other.a, @other.b)) / 2
        grey = 0.5 * (1 - Math.sqrt((mean**7) / ((mean**7) + (25.0**7))))
        (c1, h1), (c2, h2) = [@one, @other].map { |lab| polar(lab.a * (1 + grey), lab.b) }
        weigh(c1, c2, hue_difference(c1, c2, h1, h2), hue_mean(c1, c2, h1, h2))
      end

      private

      def polar(a, b) = [Math.hypot(a, b), a.zero? && b.zero? ? 0.0 : Math.atan2(b, a) * 180 / Math::PI % 360]

      def hue_difference(c1, c2, h1, h2)
        return 0.0 if (c1 * c2).zero?

        apart = h2 - h1
        apart -= 360 if apart > 180
        apart += 360 if apart < -180
        2 * Math.sqrt(c1 * c2) * sin(apart / 2)
      end

      def hue_mean(c1, c2, h1, h2)
        return h1 + h2 if (c1 * c2).zero?
        return (h1 + h2) / 2 if (h1 - h2).abs <= 180

        h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2
      end

      def weigh(c1, c2, hue, mean_hue)
        light = (@one.l + @other.l) / 2
        chroma = (c1 + c2) / 2
        t = 1 - (0.17 * cos(mean_hue - 30)) + (0.24 * cos(2 * mean_hue)) +
          (0.32 * cos((3 * mean_hue) + 6)) - (0.20 * cos((4 * mean_hue) - 63))
        turn = 30 * Math.exp(-(((mean_hue - 275) / 25)**2))
        rc = 2 * Math.sqrt((chroma**7) / ((chroma**7) + (25.0**7)))
        sl = 1 + (0.015 * ((light - 50)**2) / Math.sqrt(20 + ((light - 50)**2)))
        l = (@other.l - @one.l) / sl
        c = (c2 - c1) / (1 + (0.045 * chroma))
        h = hue / (1 + (0.015 * chroma * t))
        Math.sqrt((l**2) + (c**2) + (h**2) - (sin(2 * turn) * rc * c * h))
      end

      def sin(degrees) = Math.sin(degrees * Math::PI / 180)
      def cos(degrees) = Math.cos(degrees * Math::PI / 180)
    end
  end
end
