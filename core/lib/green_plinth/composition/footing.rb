# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The ground under a subject's foot plate: how level it is, and where it would be.
    class Footing
      # Up to this much a bead of glue or gel takes up (from memory), mm.
      LEVEL_MM = 1.0
      # The search for a level spot: rings this far apart, in so many directions, to this share of the longer side.
      RING_MM = 2.0
      DIRECTIONS = 12
      FARTHEST = 0.4

      # @param terrain [Relief::Terrain]
      def initialize(design, terrain)
        @design = design
        @terrain = terrain
      end

      # @return [Float, nil] mm between the highest and the lowest ground under it; nil off the base
      def uneven_mm(subject, at: subject.at_mm)
        low, high = @terrain.range_in(subject.moved_to(at).footprint_area)
        low && (high - low)
      end

      # The nearest place on the top that is level and free.
      # @return [Array(Float, Float), nil] mm
      def level_spot(subject)
        top = @terrain.ground.top
        others = (@design.subjects - [subject]).map(&:footprint_area)
        reach = Plan::Outline.size(subject.footprint).min / 2.2
        rings(subject.at_mm).find do |at|
          next false unless levelish?(at, reach)

          shape = subject.moved_to(at).footprint_area
          top.contains?(shape) && others.none? { |other| other.intersects?(shape) } &&
            (uneven_mm(subject, at: at) || Float::INFINITY) <= LEVEL_MM
        end
      end

      private

      # A quick look before the thorough one: the middle and four places about it.
      def levelish?((x, y), reach)
        heights = [[0, 0], [reach, 0], [-reach, 0], [0, reach], [0, -reach]].map { |dx, dy| @terrain.height_at(x + dx, y + dy) }
        heights.none?(&:nil?) && heights.max - heights.min <= LEVEL_MM
      end

      def rings(from)
        min_x, min_y, max_x, max_y = Plan::Geos.bounds(@terrain.ground.top)
        far = FARTHEST * [max_x - min_x, max_y - min_y].max
        (1..(far / RING_MM).floor).flat_map do |ring|
          (0...DIRECTIONS).map do |i|
            angle = 2 * Math::PI * i / DIRECTIONS
            [from[0] + (Math.cos(angle) * ring * RING_MM), from[1] + (Math.sin(angle) * ring * RING_MM)].map { |value| value.round(1) }
          end
        end
      end
    end
  end
end
