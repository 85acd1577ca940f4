# frozen_string_literal: true

module GreenPlinth
  module Colour
    # CIE L*a*b* under D65. sRGB per IEC 61966-2-1; white point and formulas per CIE 15.
    Lab = Struct.new(:l, :a, :b) do
      # @param hex [String] "#6b4a32"
      def self.of(hex)
        r, g, b = hex.delete("#").scan(/../).map { |pair| linear(pair.hex / 255.0) }
        x = (0.4124564 * r) + (0.3575761 * g) + (0.1804375 * b)
        y = (0.2126729 * r) + (0.7151522 * g) + (0.0721750 * b)
        z = (0.0193339 * r) + (0.1191920 * g) + (0.9503041 * b)
        fx, fy, fz = [x, y, z].zip([0.95047, 1.0, 1.08883]).map { |value, white| root(value / white) }
        new((116 * fy) - 16, 500 * (fx - fy), 200 * (fy - fz))
      end

      def self.linear(value) = value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055)**2.4
      def self.root(t) = t > (6.0 / 29)**3 ? Math.cbrt(t) : (t / (3 * ((6.0 / 29)**2))) + (4.0 / 29)
    end
  end
end
