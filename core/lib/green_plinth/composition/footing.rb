# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The ground under a subject's foot plate: how level it is, and where it would be.
    class Footing
      # Up to this much a bead of glue or gel takes up (from memory), mm.
      LEVEL_MM = 1.0
      # A vehicle's wheels and tracks give more than a glued foot plate (from memory).
      SPRUNG = 2.0

      # @param terrain [Relief::Terrain]
      def initialize(design, terrain)
        @design = design
        @terrain = terrain
      end

      # @return [Float, nil] mm between the highest and the lowest ground under it; nil off the base
      def uneven_mm(subject)
        low, high = @terrain.range_in(subject.footprint_area)
        low && (high - low)
      end

      # @return [Float] mm that the ground under it may differ by
      def allowed_mm(subject) = LEVEL_MM * (subject.kind.trait?("sprung") ? SPRUNG : 1)

      # @return [Boolean] whether it stands level enough; so does what stands off the base, for all that is known
      def level?(subject) = (uneven_mm(subject) || 0) <= allowed_mm(subject)

      # The nearest place on the top that is level and free.
      # @return [Design::Subject, nil] the subject there
      def level_spot(subject)
        reach = Plan::Outline.size(subject.footprint).min / 2.2
        NearestPlace.new(@design, @terrain.ground).find(subject, quick: ->(x, y) { levelish?([x, y], reach) }) do |there|
          (uneven_mm(there) || Float::INFINITY) <= LEVEL_MM
        end
      end

      private

      # A quick look before the thorough one: the middle and four places about it.
      def levelish?((x, y), reach)
        heights = [[0, 0], [reach, 0], [-reach, 0], [0, reach], [0, -reach]].map { |dx, dy| @terrain.height_at(x + dx, y + dy) }
        heights.none?(&:nil?) && heights.max - heights.min <= LEVEL_MM
      end
    end
  end
end
