# frozen_string_literal: true

module GreenPlinth
  module Faces
    # A building as its faces: walls round its footprint as high as the eaves, gables where they carry a ridge, and the planes of its roof.
    # Known for a feature that says how it is roofed, how high it is, and lies on a plan with corners or a round one.
    class Building
      # Sides of a rectangle in the order of its walls, from the front round to the right.
      SIDES = %w[front right back left].freeze
      # What is cut into a wall is drawn so much before it, mm, or it would be hidden by it.
      PROUD_MM = 0.1
      # A lower wall is none, mm.
      LEAST_MM = 0.1

      # @param feature [Design::Feature]
      # @return [Building, nil] nil for what is no building with a roof of its own, or whose height is not known
      def self.of(feature)
        return unless feature.roof && feature.outlined? && feature.height_mm

        case feature.outline["kind"]
        when "rectangle", "polygon" then new(feature)
        when "round" then RoundBuilding.new(feature)
        end
      end

      attr_reader :feature

      def initialize(feature)
        @feature = feature
      end

      # @return [Array<Array(Float, Float)>] corners of the footprint in its own frame, counter-clockwise; of a rectangle the front left
      #   first
      def corners
        @corners ||= begin
          ring = rectangle? ? rectangle : own_corners
          Plan::Segment.doubled_area(ring).positive? ? ring : ring.reverse
        end
      end

      def own_corners = Plan::Outline.points(feature.outline.except("at_mm", "turn_deg")).map { |point| point.map(&:to_f) }
      private :own_corners

      # @return [Boolean] whether it carries planes with a pitch
      def pitched? = roof.shape != "flat" && roof.fits?

      # @return [Roof, RoofOverCorners]
      def roof = @roof ||= rectangle? ? Roof.new(feature, *size) : RoofOverCorners.new(feature, corners)

      # @return [Float] mm from the ground to the eaves; next to nothing where the roof alone is as high as the whole
      def eaves_mm = [feature.height_mm - (pitched? ? roof.rise_mm : 0.0), LEAST_MM].max

      # @return [Boolean] whether any wall is left under the roof
      def walled? = !pitched? || roof.rise_mm < feature.height_mm - LEAST_MM

      # @return [Array<Face>] walls, then the roof
      def faces = walls + roof_faces

      # @return [Array<Face>] from the front, or the first corner, round to the right
      def walls
        @walls ||= corners.each_with_index.map { |corner, index| wall(corner, corners[(index + 1) % corners.size], index) }
      end

      # @return [Array<Face>]
      def roof_faces = @roof_faces ||= faces_of_roof

      # @return [Array(Float, Float, Float), nil] mm, across the front, deep, and up to the eaves: the room inside for a light; nil while
      #   nobody says how thick its walls are, or where it has no front
      def room_mm
        return unless feature.wall_mm && rectangle?

        inner = size.map { |side| side - (2 * feature.wall_mm) }
        [*inner, eaves_mm] if inner.all?(&:positive?)
      end

      # @return [Float] mm² of all faces without their openings
      def area_mm2 = faces.sum(&:area_mm2)

      # @return [Array<Aperture>] of all walls
      def openings = walls.flat_map(&:openings)

      # @return [nil] a roof that is glued to itself has a seam
      def seam = nil

      # @param low [Float] mm, the ground it stands on
      # @return [Array<Array<Array(Float, Float, Float)>>] corners of its faces on the plan of the base
      def in_space(low) = faces.map { |face| on_plan(face.solid, low) }

      # @param low [Float] mm, the ground it stands on
      # @return [Array<Array<Array(Float, Float, Float)>>] doors and windows: corners on the base's plan, counter-clockwise from outside
      def openings_in_space(low)
        walls.flat_map { |face| face.openings.map { |opening| on_plan(opening.ring.map { |point| on_wall(face, point) }, low) } }
      end

      private

      def faces_of_roof = pitched? ? roof.faces(eaves_mm) : [lid]

      # @param point [Array(Float, Float)] on a face: along its foot, and up
      def on_wall(face, (along, up))
        (x0, y0), (x1, y1) = face.solid
        share = along / face.width_mm
        [x0 + ((x1 - x0) * share) + (face.toward[0] * PROUD_MM), y0 + ((y1 - y0) * share) + (face.toward[1] * PROUD_MM), up]
      end

      def on_plan(corners, low)
        turn = (feature.outline["turn_deg"] || 0) * Math::PI / 180
        at = feature.outline["at_mm"] || [0.0, 0.0]
        cos, sin = Math.cos(turn), Math.sin(turn)
        corners.map { |x, y, z| [at[0] + (x * cos) - (y * sin), at[1] + (x * sin) + (y * cos), z + low] }
      end

      def rectangle? = feature.outline["kind"] == "rectangle"

      def size = [feature.outline["width_mm"].to_f, feature.outline["depth_mm"].to_f]

      def rectangle
        w, d = size.map { |side| side / 2 }
        [[-w, -d], [w, -d], [w, d], [-w, d]]
      end

      def wall(from, to, index)
        long = Math.hypot(to[0] - from[0], to[1] - from[1])
        top = pitched? ? roof.profile(index, eaves_mm, long) : [[long, eaves_mm], [0.0, eaves_mm]]
        ring = [[0.0, 0.0], [long, 0.0], *top]
        way = [(to[0] - from[0]) / long, (to[1] - from[1]) / long]
        Face.new(name: name_of(index), kind: :wall, ring: ring, openings: openings_in(index), toward: [way[1], -way[0]],
          solid: ring.map { |x, y| [from[0] + (way[0] * x), from[1] + (way[1] * x), y] })
      end

      def name_of(index) = rectangle? ? "#{SIDES[index]} wall" : "wall #{index + 1}"

      def openings_in(index)
        (feature.data["openings"] || []).each_with_index.filter_map do |data, at|
          next unless (data["wall"] || 1) == index + 1

          Aperture.new(pointer: "#{feature.pointer}/openings/#{at}", name: data["name"] || "opening", represents: data["represents"],
            left: data["from_left_mm"].to_f, sill: (data["sill_mm"] || 0).to_f, width: data["width_mm"].to_f,
            height: data["height_mm"].to_f)
        end
      end

      def lid
        Face.new(name: "roof", kind: :roof, ring: corners, solid: corners.map { |x, y| [x, y, eaves_mm] }, openings: [], toward: nil)
      end
    end
  end
end
