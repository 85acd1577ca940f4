# frozen_string_literal: true

module GreenPlinth
  module Faces
    # One flat face of a building.
    #   name: in words; kind: :wall or :roof; ring: [[x, y], …] in its own plane, mm, counter-clockwise seen from outside, x along its foot
    #   from the left, y up; solid: the same corners in space, mm, in the building's own frame; openings: Array<Aperture> of a wall;
    #   toward: where a wall looks to, [x, y] of the building's own frame; of what is bent, not folded, neither is said
    Face = Struct.new(:name, :kind, :ring, :solid, :openings, :toward, keyword_init: true) do
      # A plane of a roof, laid down: x along its foot, y up its slope.
      # @param name [String]
      # @param corners [Array<Array(Float, Float, Float)>] mm in space, the two of its foot first, counter-clockwise seen from outside
      # @return [Face]
      def self.sloping(name, corners)
        origin, along = corners
        long = Math.sqrt(origin.zip(along).sum { |a, b| (b - a)**2 })
        ux, uy = (along[0] - origin[0]) / long, (along[1] - origin[1]) / long
        ring = corners.map do |x, y, z|
          dx, dy = x - origin[0], y - origin[1]
          [(dx * ux) + (dy * uy), Math.hypot((dy * ux) - (dx * uy), z - origin[2])]
        end
        new(name: name, kind: :roof, ring: ring.uniq, solid: corners, openings: [], toward: nil)
      end

      def wall? = kind == :wall

      # @return [RGeo geometry] without its openings
      def shape
        holes = Plan::Geos.union(openings.map { |opening| Plan::Geos.polygon(opening.ring) })
        whole = Plan::Geos.polygon(ring)
        openings.empty? ? whole : whole.difference(holes)
      end

      # @return [Float] mm² without its openings
      def area_mm2 = Plan::Geos.area(shape)

      # @return [Float] mm, along its foot
      def width_mm = ring[1][0] - ring[0][0]

      # @return [Float] mm, at its highest
      def height_mm = ring.map(&:last).max
    end

    # A hole in a wall: where it begins from the left and over the ground, and how large it is, mm.
    Aperture = Struct.new(:pointer, :name, :represents, :left, :sill, :width, :height, keyword_init: true) do
      def ring = [[left, sill], [left + width, sill], [left + width, sill + height], [left, sill + height]]
    end
  end
end
