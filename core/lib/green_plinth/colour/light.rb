# frozen_string_literal: true

module GreenPlinth
  module Colour
    # Light as the eye sums it up: CIE XYZ under D65 (white has Y 1), and sRGB codes per IEC 61966-2-1.
    module Light
      WHITE = [0.95047, 1.0, 1.08883].freeze
      # Linear sRGB to XYZ and back, by rows. Source: IEC 61966-2-1.
      TO_XYZ = [[0.4124564, 0.3575761, 0.1804375], [0.2126729, 0.7151522, 0.0721750], [0.0193339, 0.1191920, 0.9503041]].freeze
      TO_RGB = [[3.2404542, -1.5371385, -0.4985314], [-0.9692660, 1.8760108, 0.0415560], [0.0556434, -0.2040259, 1.0572252]].freeze

      module_function

      # @param hex [String] "#6b4a32"
      # @return [Array(Float, Float, Float)] XYZ
      def xyz(hex) = times(TO_XYZ, linear(hex))

      # @param hex [String]
      # @return [Array(Float, Float, Float)] linear red, green and blue, 0..1
      def linear(hex) = hex.delete_prefix("#").scan(/../).map { |pair| straight(pair.hex / 255.0) }

      # @param xyz [Array(Float, Float, Float)]
      # @return [String] the nearest code there is: what a screen cannot show is cut off at its edge
      def hex(xyz) = coded(times(TO_RGB, xyz))

      # @param linear [Array(Float, Float, Float)]
      # @return [String]
      def coded(linear)
        "#" + linear.map { |value| format("%02x", (bent(value.clamp(0.0, 1.0)) * 255).round) }.join
      end

      def straight(value) = value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055)**2.4
      def bent(value) = value <= 0.0031308 ? value * 12.92 : (1.055 * (value**(1 / 2.4))) - 0.055
      def times(rows, vector) = rows.map { |row| row.zip(vector).sum { |one, other| one * other } }
    end
  end
end
