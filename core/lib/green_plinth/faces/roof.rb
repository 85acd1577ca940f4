# frozen_string_literal: true

module GreenPlinth
  module Faces
    # The roof over a rectangle, in its frame: x across the front, y from the front to the back. Every plane of one roof has one pitch.
    class Roof
      include Pitched

      # @param feature [Design::Feature]
      # @param wide [Float] mm, of the front
      # @param deep [Float] mm
      def initialize(feature, wide, deep)
        of(feature)
        @wide = wide
        @deep = deep
      end

      # @return [Boolean] whether planes meet over the plan: over a rectangle always
      def fits? = true

      # @return [Boolean] whether its ridge runs from left to right: along the longer side, unless its maker turns it
      def ridge_across? = (@wide >= @deep) ^ (@data["ridge"] == "turned")

      # @return [Float] mm from the eaves to the ridge
      def rise_mm = tan * (shape == "lean_to" ? @deep : span / 2)

      # The upper corners of a wall, from its right end to its left one.
      # @param index [Integer] 0 front, 1 right, 2 back, 3 left
      def profile(index, eaves, long)
        return sloping(index, eaves, long) if shape == "lean_to"
        return [[long, eaves], [0.0, eaves]] unless shape == "gable" && gable_end?(index)

        [[long, eaves], [long / 2, eaves + rise_mm], [0.0, eaves]]
      end

      # @param eaves [Float] mm over the ground
      # @return [Array<Face>] each in its own plane, foot below
      def faces(eaves) = planes(eaves - (tan * overhang_mm)).map { |name, corners| Face.sloping(name, corners) }

      private

      def span = ridge_across? ? @deep : @wide
      def gable_end?(index) = ridge_across? ? index.odd? : index.even?

      # High at the back.
      def sloping(index, eaves, long)
        right, left = [[0, 0], [0, 1], [1, 1], [1, 0]][index].map { |high| eaves + (high * rise_mm) }
        [[long, left], [0.0, right]]
      end

      # @param low [Float] mm of the eaves' edge
      # @return [Array<Array(String, Array)>] names and corners, the foot first, counter-clockwise seen from outside
      def planes(low)
        w, d = [@wide, @deep].map { |side| (side / 2) + overhang_mm }
        case shape
        when "lean_to" then [["roof", [[-w, -d, low], [w, -d, low], [w, d, low + (2 * d * tan)], [-w, d, low + (2 * d * tan)]]]]
        when "gable" then turned(w, d) { |a, b| gable(a, b, low) }
        else turned(w, d) { |a, b| hip(a, b, low) }
        end
      end

      # Reckoned with the ridge from left to right; turned where it runs from front to back.
      def turned(w, d)
        return yield(w, d) if ridge_across?

        yield(d, w).map { |name, corners| [TURNED.fetch(name), corners.map { |x, y, z| [-y, x, z] }] }
      end

      TURNED = { "front slope" => "right slope", "back slope" => "left slope", "right hip" => "back hip", "left hip" => "front hip" }.freeze
      private_constant :TURNED

      def gable(a, b, low)
        top = low + (b * tan)
        [["front slope", [[-a, -b, low], [a, -b, low], [a, 0.0, top], [-a, 0.0, top]]],
          ["back slope", [[a, b, low], [-a, b, low], [-a, 0.0, top], [a, 0.0, top]]]]
      end

      # The ridge is as much shorter as the roof is deep.
      def hip(a, b, low)
        top = low + (b * tan)
        r = a - b
        [["front slope", [[-a, -b, low], [a, -b, low], [r, 0.0, top], [-r, 0.0, top]]],
          ["right hip", [[a, -b, low], [a, b, low], [r, 0.0, top]]],
          ["back slope", [[a, b, low], [-a, b, low], [-r, 0.0, top], [r, 0.0, top]]],
          ["left hip", [[-a, b, low], [-a, -b, low], [-r, 0.0, top]]]]
      end
    end
  end
end
