# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Where one water stands: what Flood found. Unknown level: every figure nil.
    class Pool
      attr_reader :water, :level, :area_mm2, :volume_mm3, :max_depth_mm, :shore_mm, :spill_mm2, :dam_mm,
        :dry_mm2, :islands, :rings, :dam_lines, :layers

      FIGURES = %i[level area_mm2 volume_mm3 max_depth_mm shore_mm spill_mm2 dam_mm dry_mm2 islands rings dam_lines].freeze

      # @param figures [Hash] FIGURES; basin: Basin or nil where nothing is wet
      def initialize(water, figures = {}, basin: nil, layers: [])
        @water = water
        FIGURES.each { |name| instance_variable_set(:"@#{name}", figures[name]) }
        @basin = basin
        @layers = layers
      end

      def id = water.id
      def known? = !level.nil?
      def wet? = known? && (area_mm2 || 0).positive?
      def volume_ml = volume_mm3 && (volume_mm3 / 1000)

      # @return [RGeo geometry] what is wet, without its islands
      def area
        return Plan::Geos.empty unless wet?

        @area ||= begin
          islands, shores = rings.partition { |ring| signed(ring).positive? }
          [shores, islands].map { |list| Plan::Geos.union(list.select { |ring| ring.size > 3 }.map { |ring| Plan::Geos.polygon(ring[0..-2]) }) }
            .reduce(:difference)
        end
      end

      # @param grid [Relief::Grid]
      # @return [Numo::DFloat] mm of water over every cell; 0 where it is dry
      def depths(grid) = @basin ? @basin.depths(grid, level) : Numo::DFloat.zeros(*grid.shape)

      # @return [Float, nil] mm of water over a cell; nil where it is dry
      def depth_at(row, column) = @basin&.depth_at(row, column, level)

      private

      # Twice the area, positive where the ring runs counter-clockwise: so do shores of islands.
      def signed(ring) = ring.each_cons(2).sum { |(x0, y0), (x1, y1)| (x0 * y1) - (x1 * y0) }
    end
  end
end
