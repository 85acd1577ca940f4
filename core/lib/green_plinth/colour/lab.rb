# frozen_string_literal: true

module GreenPlinth
  module Colour
    # CIE L*a*b* under D65. White point and formulas per CIE 15.
    Lab = Struct.new(:l, :a, :b) do
      # @param hex [String] "#6b4a32"
      def self.of(hex) = of_xyz(Light.xyz(hex))

      # @param xyz [Array(Float, Float, Float)] with Y 1 for white
      def self.of_xyz(xyz)
        fx, fy, fz = xyz.zip(Light::WHITE).map { |value, white| root(value / white) }
        new((116 * fy) - 16, 500 * (fx - fy), 200 * (fy - fz))
      end

      def self.root(t) = t > (6.0 / 29)**3 ? Math.cbrt(t) : (t / (3 * ((6.0 / 29)**2))) + (4.0 / 29)
    end
  end
end
