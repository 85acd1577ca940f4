# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Where one water stands: what Flood found. Unknown level: every figure nil.
    class Pool
      attr_reader :water, :level, :area_mm2, :volume_mm3, :max_depth_mm, :shore_mm, :spill_mm2, :dam_mm,
        :dry_mm2, :islands, :rings, :dam_lines, :layers, :reaches

      FIGURES = %i[level area_mm2 volume_mm3 max_depth_mm shore_mm spill_mm2 dam_mm dry_mm2 islands rings dam_lines].freeze

      # @param figures [Hash] FIGURES; basin: Basin or nil where nothing is wet
      # @param reaches [Array<Reaches::Stretch>] of running water; its pours are theirs
      def initialize(water, figures = {}, basin: nil, layers: [], reaches: [])
        @water = water
        FIGURES.each { |name| instance_variable_set(:"@#{name}", figures[name]) }
        @basin = basin
        @reaches = reaches
        @layers = reaches.empty? ? layers : reaches.flat_map(&:layers)
      end

      def id = water.id
      def known? = !level.nil?
      def wet? = known? && (area_mm2 || 0).positive?
      def volume_ml = volume_mm3 && (volume_mm3 / 1000)

      # @return [Integer] how many of its pours lie one over another
      def pours = reaches.empty? ? layers.size : (reaches.map { |reach| reach.layers.size }.max || 0)

      # @return [Layers::Pour] the one that so many lie up to, where it is deepest
      def pour(number) = (reaches.map(&:layers).max_by(&:size) || layers)[number - 1]

      # @return [Float, nil] mm, how high its surface stands at a place
      def surface_at(x, y) = level && (water.fall ? water.fall.level_at(x, y) : level)

      # @return [Float, nil] mm, the highest it stands against the plinth's own edge; nil where it does not
      def edge_level = dam_lines&.flatten(1)&.map { |x, y| surface_at(x, y) }&.max

      # @param grid [Relief::Grid]
      # @return [Numo::DFloat, Float] mm, the same over every cell
      def surface(grid) = water.fall ? water.fall.offsets(grid, FallingGround.reach_mm(water)) + level : level

      # @return [RGeo geometry] what is wet, without its islands
      def area
        return Plan::Geos.empty unless wet?

        @area ||= enclosed(rings)
      end

      # @param mm [Float]
      # @return [RGeo geometry] where more than so much stands over the ground
      def deeper_than(mm)
        return Plan::Geos.empty unless wet?

        @deeper ||= {}
        @deeper[mm] ||= enclosed(@basin.rings_below(level - mm)).intersection(area)
      end

      # @param grid [Relief::Grid]
      # @return [Numo::DFloat] mm of water over every cell; 0 where it is dry
      def depths(grid) = @basin ? @basin.depths(grid, level) : Numo::DFloat.zeros(*grid.shape)

      # @return [Float, nil] mm of water over a cell; nil where it is dry
      def depth_at(row, column) = @basin&.depth_at(row, column, level)

      private

      def enclosed(rings)
        islands, shores = rings.partition { |ring| signed(ring).positive? }
        [shores, islands].map { |list| Plan::Geos.union(list.select { |ring| ring.size > 3 }.map { |ring| Plan::Geos.polygon(ring[0..-2]) }) }
          .reduce(:difference)
      end

      # Twice the area, positive where the ring runs counter-clockwise: so do shores of islands.
      def signed(ring) = ring.each_cons(2).sum { |(x0, y0), (x1, y1)| (x0 * y1) - (x1 * y0) }
    end
  end
end
