# frozen_string_literal: true

module GreenPlinth
  module Faces
    # The roof over a round plan, in the building's own frame: a cone, or one plane that leans, high at the back.
    class RoundRoof
      include Pitched

      # @param feature [Design::Feature]
      # @param radius [Float] mm, of the wall
      def initialize(feature, radius)
        of(feature)
        @radius = radius
      end

      def leaning? = shape == "lean_to"
      def fits? = true

      # @return [Float] mm from the eaves to the highest of it, over the wall
      def rise_mm = tan * @radius * (leaning? ? 2 : 1)

      # @param y [Float] mm behind the middle
      # @return [Float] mm that the wall stands higher there than the eaves
      def over_eaves(y) = leaning? ? tan * (y + @radius) : 0.0

      # Its edge, which lies lower than the eaves by what it reaches past them.
      # @param turn [Float] radians
      # @param eaves [Float] mm
      # @return [Array(Float, Float, Float)]
      def edge(turn, eaves)
        x, y = reach * Math.cos(turn), reach * Math.sin(turn)
        [x, y, leaning? ? eaves + over_eaves(y) : eaves - (tan * overhang_mm)]
      end

      # What is cut out flat: of a cone the sector, of what leans an ellipse.
      # @param chords [Integer] that a full bend is cut in
      # @return [Array<Array(Float, Float)>] mm, counter-clockwise; of a cone its apex first
      def flat(chords)
        return Array.new(chords) { |at| ellipse(2 * Math::PI * at / chords) } if leaning?

        slant, angle = reach / cos, 2 * Math::PI * cos
        [[0.0, 0.0]] + Array.new(chords + 1) { |at| (angle * at / chords).then { |turn| [slant * Math.cos(turn), slant * Math.sin(turn)] } }
      end

      private

      def reach = @radius + overhang_mm
      def ellipse(turn) = [reach * Math.cos(turn), reach / cos * Math.sin(turn)]
      def cos = Math.cos(pitch_deg * Math::PI / 180)
    end
  end
end
