# frozen_string_literal: true

module GreenPlinth
  module Relief
    # The finished ground: the bulk with every zone's courses on it.
    class Terrain
      attr_reader :bulk, :ground, :height, :raises

      # @param bulk [Bulk]
      # @param ground [Plan::Ground]
      # @param covers [Array<Cover>] of each zone
      # @param zones [Array<Design::Zone>]
      def initialize(bulk, ground, covers, zones)
        @bulk = bulk
        @ground = ground
        @zones = zones
        @raises = zones.map { |zone| zone.courses.map { |course| CourseThickness.mm(course) } }
        @covers = covers
        @height = raised
      end

      def grid = bulk.grid
      def weight = bulk.weight

      # @return [Float] mm above the top face; of cells that lie half or more on the base
      def highest_mm = @highest_mm ||= on_base.max
      def lowest_mm = @lowest_mm ||= on_base.min

      # @return [Float] mm above the top face of the bulk and courses at a point; nil off the base
      def height_at(x, y)
        row, column = grid.at(x, y)
        height[row, column] if row && weight[row, column].positive?
      end

      # @param shape [RGeo geometry]
      # @return [Array(Float, Float), nil] mm, the lowest and the highest ground within it; nil off the base
      def range_in(shape)
        cells = heights_in(shape) or return
        cells.empty? ? at_middle(shape) : [cells.min, cells.max]
      end

      # @param shape [RGeo geometry]
      # @return [Numo::DFloat, nil] mm, the ground in each cell that lies mostly within it; nil off the grid
      def heights_in(shape)
        found = (@heights ||= {}.compare_by_identity)
        found.clear if found.size > MOST_KNOWN
        found.fetch(shape) { found[shape] = looked_up(shape) }
      end

      # So many shapes are remembered.
      MOST_KNOWN = 200
      private_constant :MOST_KNOWN

      # @return [Integer, nil] index of the zone that holds most of a cell
      def zone_at(row, column)
        best = @covers.each_index.max_by { |index| @covers[index].at(row, column) }
        best if best && @covers[best].at(row, column) > 0.25
      end

      # @return [Numo::Int32] index of the zone that holds the most of each cell; −1 where none does
      def zone_map
        @zone_map ||= @covers.each_with_index.reduce(Numo::Int32.new(*grid.shape).fill(-1)) do |map, (cover, index)|
          part = map[*cover.window].dup
          part[cover.field.gt(0.5)] = index
          map[*cover.window] = part
          map
        end
      end

      # @return [Float] mean height of a zone's ground, mm above the top face; 0 where it has none
      def mean_height(index)
        cover = @covers[index]
        total = cover.field.sum
        total.positive? ? (cover.field * height[*cover.window]).sum / total : 0.0
      end

      # @param reach [Integer] cells
      # @param within [Float] mm
      # @return [Numo::Bit] whether the ground differs by no more over the square that reaches so many cells to each side of a cell
      def level_about(reach, within)
        @level_about ||= {}
        @level_about[[reach, within]] ||= begin
          off = weight.le(0)
          most, least = { maximum: OFF, minimum: -OFF }.map do |way, no_height|
            Adjacent.spread(height.dup.tap { |field| field[off] = no_height }, way, reach)
          end
          (most - least).le(within)
        end
      end

      private

      # No height is like it, mm.
      OFF = 1e9
      private_constant :OFF

      def looked_up(shape)
        window = grid.window(*Plan::Geos.bounds(shape)) unless shape.empty?
        return unless window

        height[*window][(Coverage.of(shape, grid.crop(*window)) > 0.5) & (weight[*window] > 0.5)]
      end

      # Smaller than a cell.
      def at_middle(shape)
        middle = shape.centroid
        height_at(middle.x, middle.y)&.then { |level| [level, level] }
      end

      def on_base
        @on_base ||= height[weight > 0.5].then { |cells| cells.empty? ? height[weight.gt(0)] : cells }
      end

      def raised
        raises.each_with_index.reduce(bulk.height.copy) do |sum, (courses, index)|
          rise = courses.sum
          next sum if rise.zero?

          window = @covers[index].window
          sum[*window] = sum[*window] + (@covers[index].relative(weight) * rise)
          sum
        end
      end
    end
  end
end
