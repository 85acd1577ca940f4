# frozen_string_literal: true

module GreenPlinth
  module Faces
    # A round building unrolled: its wall in one piece that is bent round, its roof in another. The wall's seam is at the back; from there
    # it runs by the left side to the front, half way round, and on by the right: openings are measured along it.
    class RoundBuilding < Building
      # What is bent is drawn in so many chords: on a drum of 100 mm they stray from it by 0.1 mm.
      CHORDS = 48
      # What is cut out round, in so many: its area comes true to 0.1 %.
      CUT = 96
      private_constant :CHORDS, :CUT

      # @return [RoundRoof]
      def roof = @roof ||= RoundRoof.new(feature, radius)

      # @return [Array<Face>] the one
      def walls
        @walls ||= begin
          long = Math::PI * 2 * radius
          top = CHORDS.downto(0).map { |at| [long * at.fdiv(CHORDS), height_at(at)] }
          [Face.new(name: "wall", kind: :wall, ring: [[0.0, 0.0], [long, 0.0], *top], openings: openings_in(0))]
        end
      end

      # @return [Array(Float, Float, Float), nil] mm, as Building
      def room_mm
        inner = feature.wall_mm && (2 * (radius - feature.wall_mm))
        [inner, inner, eaves_mm] if inner&.positive?
      end

      # @return [Array(Array, Array), nil] the edge at which the roof is glued to itself; nil where it lies flat
      def seam = pitched? && !roof.leaning? ? roof_faces.first.ring.values_at(-1, 0) : nil

      # @param low [Float] mm, the ground it stands on
      # @return [Array<Array<Array(Float, Float, Float)>>] its faces in space, the bends as chords
      def in_space(low)
        (Array.new(CHORDS) { |at| side(at) } + roof_in_space).map { |corners| on_plan(corners, low) }
      end

      # As Building; cut where the chords of the wall meet.
      def openings_in_space(low)
        openings.flat_map { |opening| bent(opening) }.map { |corners| on_plan(corners, low) }
      end

      private

      def bent(opening)
        chord = walls.first.width_mm / CHORDS
        from, to = [opening.left, opening.left + opening.width].map { |along| along / chord }
        ends = [from, *(from.floor + 1...to.ceil), to]
        pieces = ends.each_cons(2).map { |left, right| Aperture.new(**opening.to_h, left: left, width: right - left) }
        pieces.map { |piece| piece.ring.map { |at, up| [*proud(at), up] } }
      end

      # A place on a chord of the wall, told in chords from the seam.
      def proud(at)
        left, right = [at.floor, at.floor + 1].map { |one| at_wall(one) }
        share = at - at.floor
        [0, 1].map { |axis| (left[axis] + ((right[axis] - left[axis]) * share)) * (radius + PROUD_MM) / radius }
      end

      def radius = feature.outline["diameter_mm"] / 2.0
      def turn_of(at) = (Math::PI / 2) + (2 * Math::PI * at / CHORDS)
      def at_wall(at) = [radius * Math.cos(turn_of(at)), radius * Math.sin(turn_of(at))]
      def height_at(at) = eaves_mm + (pitched? ? roof.over_eaves(at_wall(at).last) : 0.0)

      def side(at)
        upper = [at + 1, at].map { |one| [*at_wall(one), height_at(one)] }
        [[*at_wall(at), 0.0], [*at_wall(at + 1), 0.0], *upper]
      end

      def roof_in_space
        edge = Array.new(CHORDS) { |at| pitched? ? roof.edge(turn_of(at), eaves_mm) : [*at_wall(at), eaves_mm] }
        return [edge] unless seam

        apex = [0.0, 0.0, eaves_mm + roof.rise_mm]
        edge.each_index.map { |at| [edge[at], edge[(at + 1) % edge.size], apex] }
      end

      def lid
        ring = pitched? ? roof.flat(CUT) : circle
        left, foot = [0, 1].map { |axis| ring.map { |point| point[axis] }.min }
        Face.new(name: "roof", kind: :roof, ring: ring.map { |x, y| [x - left, y - foot] }, openings: [])
      end

      def circle = Array.new(CUT) { |at| (2 * Math::PI * at / CUT).then { |turn| [radius * Math.cos(turn), radius * Math.sin(turn)] } }
      def faces_of_roof = [lid]
    end
  end
end
