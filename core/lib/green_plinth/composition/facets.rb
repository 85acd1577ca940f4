# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The simple solid that stands for a part in drawings: flat faces, each a list of [x, y, z] corners in mm, running
    # counter-clockwise seen from outside. Which one a kind has stands in its record. Proportions are from memory and serve
    # the eye, not the ruler; outline and height are the part's own.
    module Facets
      # Up to here a vehicle is as large as its footprint; the cabin above is shorter.
      WAIST = 0.55
      CABIN = 0.6
      # A roof begins at this share of a building's height.
      EAVES = 0.62
      # A hull as tall as this share of its length carries works above its deck: the deck lies this share of the length above the
      # water, a house stands on it, as long as this share and as high above the deck as that is above the water, and a mast.
      TALL_HULL = 0.25
      DECK = 0.11
      WORKS = 0.34
      MAST = 0.02
      # A hull narrows downward to this share of its deck.
      FLARE = 0.88
      # An aircraft's wing, between these shares of its height.
      WING = (0.42..0.54)

      module_function

      # @param solid [Solid]
      # @return [Array<Array<Array(Float, Float, Float)>>]
      def faces(solid)
        case solid.part.kind["body"]
        when "stepped" then stepped(solid, WAIST, CABIN)
        when "house" then house(solid)
        when "hull" then hull(solid)
        when "winged" then winged(solid)
        else prism(ring(solid.shape), solid.low, solid.high)
        end
      end

      # Doors and windows of what has walls, a hair before them.
      # @param solid [Solid]
      # @return [Array<Array<Array(Float, Float, Float)>>] as faces
      def openings(solid) = building(solid)&.openings_in_space(solid.low) || []

      # Upright, with its lid; nothing looks at it from below.
      def prism(ring, low, high)
        sides = ring.each_with_index.map do |(x, y), i|
          x1, y1 = ring[(i + 1) % ring.size]
          [[x, y, low], [x1, y1, low], [x1, y1, high], [x, y, high]]
        end
        sides << ring.map { |x, y| [x, y, high] }
      end

      # The outer ring, counter-clockwise, not closed, no finer than a drawing shows.
      def ring(shape)
        polygon = Plan::Geos.polygons(shape.simplify(0.15)).max_by(&:area) || Plan::Geos.polygons(shape).first
        points = Plan::Geos.coordinates(polygon.exterior_ring)[0..-2]
        Plan::Segment.doubled_area(points).positive? ? points : points.reverse
      end

      def stepped(solid, share, length)
        outer = ring(solid.shape)
        waist = solid.low + ((solid.high - solid.low) * share)
        prism(outer, solid.low, waist) + prism(scaled(outer, length), waist, solid.high)
      end

      def scaled(ring, factor)
        x, y = [0, 1].map { |axis| ring.sum { |point| point[axis] } / ring.size }
        ring.map { |px, py| [x + ((px - x) * factor), y + ((py - y) * factor)] }
      end

      def building(solid) = solid.part.is_a?(Design::Feature) && solid.part.kind["body"] == "house" ? Faces::Building.of(solid.part) : nil

      # Four walls carry a ridge along the longer side; any other outline a flat roof.
      def house(solid)
        made = building(solid)
        return made.in_space(solid.low) if made

        outer = ring(solid.shape)
        return prism(outer, solid.low, solid.high) unless outer.size == 4

        outer = outer.rotate(1) if length(outer[0], outer[1]) < length(outer[1], outer[2])
        eaves = solid.low + ((solid.high - solid.low) * EAVES)
        right = middle(outer[1], outer[2]) + [solid.high]
        left = middle(outer[3], outer[0]) + [solid.high]
        a, b, c, d = outer.map { |x, y| [x, y, eaves] }
        prism(outer, solid.low, eaves)[0..-2] + [[b, c, right], [d, a, left], [a, b, right, left], [c, d, left, right]]
      end

      def length((x0, y0), (x1, y1)) = Math.hypot(x1 - x0, y1 - y0)
      def middle((x0, y0), (x1, y1)) = [(x0 + x1) / 2, (y0 + y1) / 2]

      def hull(solid)
        outer = ring(solid.shape)
        long = outer.combination(2).map { |a, b| length(a, b) }.max
        return flared(outer, solid.low, solid.high) if solid.high - solid.low < TALL_HULL * long

        deck = solid.low + (DECK * long)
        house = [deck + (DECK * long), solid.high].min
        flared(outer, solid.low, deck) + prism(scaled(outer, WORKS), deck, house) + prism(scaled(outer, MAST), house, solid.high)
      end

      # Upright, but narrower at its foot.
      def flared(ring, low, high)
        foot = scaled(ring, FLARE)
        sides = ring.each_index.map do |i|
          j = (i + 1) % ring.size
          [[*foot[i], low], [*foot[j], low], [*ring[j], high], [*ring[i], high]]
        end
        sides << ring.map { |x, y| [x, y, high] }
      end

      def winged(solid)
        wing = ring(solid.part.shadow)
        height = solid.high - solid.low
        prism(ring(solid.shape), solid.low, solid.low + (height * WING.min)) +
          prism(wing, solid.low + (height * WING.min), solid.low + (height * WING.max)) +
          prism(scaled(ring(solid.shape), CABIN), solid.low + (height * WING.max), solid.high)
      end

      private_class_method :stepped, :scaled, :house, :length, :middle, :hull, :flared, :winged
    end
  end
end
