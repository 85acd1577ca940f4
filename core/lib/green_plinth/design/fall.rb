# frozen_string_literal: true

module GreenPlinth
  class Design
    # How the surface of running water falls: a line from its source down, with its level at each mark, even between two of them. Across
    # the line it is level. Its levels follow from what the maker wants to show, not from a discharge: what a base shows is poured and set,
    # so that there is no flow to reckon with (no hydraulics).
    class Fall
      # Water stands still on a slope of less, mm for each mm.
      LEVEL = 1e-9

      # One leg, between two marks. from, to: mm along the line; drop: mm.
      Leg = Struct.new(:from, :to, :drop, keyword_init: true) do
        def run = to - from
        def slope_pct = run < LEVEL ? Float::INFINITY : 100.0 * drop / run
      end

      attr_reader :marks, :line

      # @param marks [Array<Array(Float, Float, Float)>] x, y and level in mm, two or more, from the source down
      def initialize(marks)
        @marks = marks
        @line = Plan::Polyline.new(marks.map { |x, y, _| [x, y] })
      end

      # @return [Float] mm, where it begins: what all else is told against
      def level_mm = marks.first[2]

      # @return [Float] mm from its source to its end
      def length_mm = line.length_mm
      def drop_mm = level_mm - marks.last[2]

      # @return [Array<Leg>] from the source down
      def legs
        @legs ||= line.legs.each_with_index.map do |leg, index|
          Leg.new(from: leg.from, to: leg.to, drop: marks[index][2] - marks[index + 1][2])
        end
      end

      # @return [Array<Integer>] of marks that lie higher than the one before them
      def uphill = (1...marks.size).select { |at| marks[at][2] > marks[at - 1][2] + LEVEL }

      # @param station [Float] mm along it
      # @return [Float] mm
      def level_at_station(station)
        index = legs.index { |leg| station <= leg.to } || (legs.size - 1)
        leg = legs[index]
        share = leg.run < LEVEL ? 1.0 : ((station - leg.from) / leg.run).clamp(0.0, 1.0)
        marks[index][2] - (leg.drop * share)
      end

      # @return [Float] mm, how high the surface stands there
      def level_at(x, y) = level_at_station(line.nearest(x, y).last)

      # @param grid [Relief::Grid]
      # @param reach [Float] mm to each side of the line that is looked at
      # @return [Numo::DFloat] mm along the line, of each cell
      def stations(grid, reach) = fields(grid, reach).last

      # @param grid [Relief::Grid]
      # @param reach [Float] mm
      # @return [Numo::DFloat] mm that the surface stands above its level at the source, over each cell: 0 and less; far down where nobody
      #   has looked, so that no water is there
      def offsets(grid, reach)
        distance, along = fields(grid, reach)
        @offsets ||= {}
        @offsets[[grid.shape, grid.left, grid.front, reach]] ||=
          fallen(along) - (Numo::DFloat.cast(distance >= Plan::Polyline::FAR) * Plan::Polyline::FAR)
      end

      # Square to the line.
      # @param station [Float] mm along it
      # @param half [Float] mm to each side
      # @return [Array<Array(Float, Float)>] its two ends
      def across(station, half) = line.across(station, half)

      private

      def fields(grid, reach) = (@fields ||= {})[[grid.shape, grid.left, grid.front, reach]] ||= line.fields(grid, reach: reach)

      # Leg by leg, each from where it begins.
      def fallen(along)
        legs.each_with_index.reduce(along * 0.0) do |out, (leg, index)|
          past = Numo::DFloat.cast(along > leg.from)
          share = leg.run < LEVEL ? 0.0 : ((along - leg.from) / leg.run).clip(0.0, 1.0)
          out + (past * (marks[index][2] - level_mm - (share * leg.drop) - out))
        end
      end
    end
  end
end
