# frozen_string_literal: true

module GreenPlinth
  module Relief
    # Contour lines of the finished ground at round heights.
    class Levels
      # Intervals to choose from, mm, and how many lines a plan bears.
      INTERVALS = [0.25, 0.5, 1, 2, 5, 10, 20, 50].freeze
      MOST_LINES = 16
      SIMPLIFY_MM = 0.05

      # @param terrain [Terrain]
      def initialize(terrain)
        @terrain = terrain
      end

      # @return [Float] the finest interval that is still readable
      def usual_interval
        range = @terrain.highest_mm - @terrain.lowest_mm
        INTERVALS.find { |interval| range / interval <= MOST_LINES } || INTERVALS.last
      end

      # @param interval [Float] mm
      # @return [Array<Hash>] z and the lines at it, [[x, y]…], those along the base's own edge left out
      def lines(interval)
        low = (@terrain.lowest_mm / interval).floor + 1
        high = (@terrain.highest_mm / interval - 1e-9).floor
        (low..high).map { |step| { "z" => (step * interval).round(3), "lines" => at(step * interval) } }
          .reject { |level| level["lines"].empty? }
      end

      # @param z [Float] mm above the top face
      # @return [Array<Array<Array(Float, Float)>>] open or closed
      def at(z)
        Contour.rings(spread - (z + 1e-6), @terrain.grid).flat_map { |ring| parts(Plan::Geos.line([*ring, ring.first]).intersection(inner)) }
      end

      private

      def inner = @inner ||= @terrain.ground.top.buffer(-@terrain.grid.cell)

      # Cells off the base take the height of the nearest on it, so that no line follows the rim.
      def spread = @spread ||= filled

      def filled
        off = @terrain.weight < 0.5
        filled = @terrain.height.copy
        filled[off] = -1e9
        3.times do
          near = Adjacent.fold(filled, :maximum)
          use = off & (filled < -1e8) & (near > -1e8)
          filled[use] = near[use]
        end
        filled[filled < -1e8] = @terrain.height.min
        filled
      end

      def parts(geometry)
        case geometry.geometry_type
        when RGeo::Feature::LineString, RGeo::Feature::LinearRing
          geometry.empty? ? [] : [Plan::Geos.coordinates(geometry.simplify(SIMPLIFY_MM)).map { |x, y| [x.round(2), y.round(2)] }]
        when RGeo::Feature::MultiLineString, RGeo::Feature::GeometryCollection then joined(geometry).flat_map { |part| parts(part) }
        else []
        end
      end

      # Pieces that meet end to end are one line.
      def joined(geometry)
        lines = geometry.map { |part| Plan::Geos.coordinates(part) }
        merged = lines.each_with_object([]) do |line, out|
          before = out.find { |other| other.last == line.first }
          before ? before.concat(line.drop(1)) : out << line.dup
        end
        merged.map { |line| Plan::Geos.line(line) }
      end
    end
  end
end
