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
      # @param places [NearestPlace] for who looks for level ones
      def initialize(terrain, places = nil)
        @terrain = terrain
        @places = places
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
        level = levelish(subject)
        return unless level.any?

        quick = ->(x, y) { @terrain.grid.at(x, y)&.then { |row, column| level[row, column] == 1 } }
        @places.find(subject, quick: quick) { |there| (uneven_mm(there) || Float::INFINITY) <= LEVEL_MM }
      end

      private

      # A quick look before the thorough one: whether the ground is level over a square that lies within the foot plate about each
      # cell. What it refuses, the thorough one would.
      # @return [Numo::Bit]
      def levelish(subject) = @terrain.level_about(reach(subject), LEVEL_MM)

      # Of the square in the circle in the plate, less a cell for what lies in it by half, in cells.
      def reach(subject)
        [(Plan::Outline.size(subject.footprint).min / 2 / Math.sqrt(2) / @terrain.grid.cell).floor - 1, 0].max
      end
    end
  end
end
