# frozen_string_literal: true

require "delegate"

module GreenPlinth
  module Waters
    # The terrain as running water meets it: tilted back by its fall, so that its surface lies level and all that holds of still water
    # holds of it. So does a maker who props the base up to pour a stream.
    class FallingGround < SimpleDelegator
      # How far beyond its outline a stream that leaves its bed is followed, mm.
      BEYOND_MM = 15.0

      # @return [Numo::DFloat] mm, against the water's level at its source
      attr_reader :height

      # @return [Numo::DFloat] mm along its line, of each cell
      attr_reader :stations

      # @param terrain [Relief::Terrain]
      # @param water [Design::Water] one that falls
      def initialize(terrain, water)
        super(terrain)
        reach = FallingGround.reach_mm(water)
        @height = terrain.height - water.fall.offsets(terrain.grid, reach)
        @stations = water.fall.stations(terrain.grid, reach)
      end

      # @param water [Design::Water]
      # @return [Relief::Terrain, FallingGround] the ground as this water meets it
      def self.under(water, terrain) = water.fall ? new(terrain, water) : terrain

      # @param water [Design::Water]
      # @return [Float] mm to each side of its line that are looked at: as far as its outline goes, and a little more
      def self.reach_mm(water)
        Plan::Geos.rings(water.area).flatten(1).map { |x, y| water.fall.line.nearest(x, y).first }.max.to_f + BEYOND_MM
      end
    end
  end
end
