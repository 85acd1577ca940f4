# frozen_string_literal: true

module GreenPlinth
  module Composition
    # Where the base is looked at from: far off, so that all lines of sight run side by side.
    #   direction_deg: counter-clockwise seen from above, 0 from the front, 90 from the right, 180 from behind
    #   elevation_deg: above the level of the bench
    Eye = Struct.new(:direction_deg, :elevation_deg)

    class Eye
      # Where the light comes from for who looks: to the right, towards him, and up.
      LIGHT = [-0.5, 0.35, 0.79].freeze

      # What the file says, else from 20° above the front.
      # @param design [Design]
      def self.of(design)
        data = design.member("eye") || {}
        new((data["direction_deg"] || 0).to_f % 360, (data["elevation_deg"] || 20).to_f)
      end

      # @return [Array(Float, Float)] unit vector on the plan, from the base towards the eye
      def toward = [sin(direction_deg), -cos(direction_deg)]

      # @return [Array(Float, Float)] unit vector on the plan, to the right of the picture
      def right = [cos(direction_deg), sin(direction_deg)]

      # @return [Array(Float, Float, Float)] unit vector on the plan and up, to the light over its left shoulder, which turns with it
      def light
        [(right[0] * LIGHT[0]) + (toward[0] * LIGHT[1]), (right[1] * LIGHT[0]) + (toward[1] * LIGHT[1]), LIGHT[2]]
      end

      # How far a line of sight rises for each mm it runs towards the eye.
      def slope = Math.tan(elevation_deg * Math::PI / 180)

      # @return [Array(Float, Float)] a point of the base in the picture: mm to the right, mm up
      def picture(x, y, z)
        [(x * right[0]) + (y * right[1]), (z * cos(elevation_deg)) - (((x * toward[0]) + (y * toward[1])) * sin(elevation_deg))]
      end

      # @return [Float] mm along the bench towards the eye
      def nearness(x, y) = (x * toward[0]) + (y * toward[1])

      private

      def sin(deg) = Math.sin(deg * Math::PI / 180).round(12)
      def cos(deg) = Math.cos(deg * Math::PI / 180).round(12)
    end
  end
end
