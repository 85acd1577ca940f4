# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Which areas of the plan touch: rules bind work only where it meets.
    class Places
      # Areas that share less than this are neighbours, mm².
      TOUCH_MM2 = 1.0

      # @param areas [Hash{String => RGeo geometry}] by pointer; the plinth touches everything
      # @param overlaps [Plan::Overlaps]
      def initialize(areas, overlaps)
        @areas = areas
        @overlaps = overlaps
        @boxes = areas.transform_values { |area| area.empty? ? nil : Plan::Geos.bounds(area) }
        @touch = Hash.new { |all, one| all[one] = {} }
      end

      # @return [Boolean] whether two works meet anywhere
      def touch?(a, b) = a.places.any? { |one| b.places.any? { |other| meet?(one, other) } }

      # @return [Float] mm² that two works share, of those that have areas of their own
      def shared_mm2(a, b)
        pairs = a.places.product(b.places).select { |one, other| @boxes[one] && @boxes[other] }
        pairs.map { |one, other| one == other ? Plan::Geos.area(@areas[one]) : @overlaps.shared_mm2(@areas[one], @areas[other]) }.max || 0
      end

      # @param mm [Float]
      # @return [Boolean] whether two works lie no farther apart than that
      def near?(a, b, mm) = a.places.any? { |one| b.places.any? { |other| meet?(one, other) || gap_mm(one, other) <= mm } }

      private

      # @return [Float] mm; without end where one has no area
      def gap_mm(one, other)
        key = one < other ? [one, other] : [other, one]
        @gap ||= {}
        @gap[key] ||= @boxes[one] && @boxes[other] ? @overlaps.distance_mm(@areas[one], @areas[other]) : Float::INFINITY
      end

      def meet?(one, other)
        return true if one == other || one == "/plinth" || other == "/plinth"

        one, other = other, one if other < one
        @touch[one].fetch(other) { @touch[one][other] = overlap?(one, other) }
      end

      def overlap?(one, other)
        a = @boxes[one]
        b = @boxes[other]
        return false unless a && b && a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3]

        @overlaps.shared_mm2(@areas[one], @areas[other]) > TOUCH_MM2
      end
    end
  end
end
