# frozen_string_literal: true

module GreenPlinth
  module Seas
    # A hull under way on its base: its wake as far as the water goes, where its arms leave the base, and the room about it.
    class Track
      # side: "port" or "starboard"; aft_mm: so far aft of its bow; at: mm of the plan.
      Leaving = Struct.new(:side, :aft_mm, :at, keyword_init: true)
      # Farther away than this nothing is, mm.
      FAR_MM = 20_000.0

      # @param design [Design]
      # @param top [RGeo geometry] of the plinth
      # @return [Array<Track>] of all hulls that have a speed and lie in a water
      def self.all(design, top)
        design.subjects.select { |hull| hull.set_in_water? && (hull.speed_knots || 0).positive? }.filter_map do |hull|
          water = design.waters.find { |one| one.area.contains?(Plan::Geos.point(hull.at_mm)) }
          new(hull, water, design.scale, top) if water
        end
      end

      attr_reader :hull, :water, :wake

      def initialize(hull, water, scale, top)
        @hull = hull
        @water = water
        @top = top
        @wake = Wake.new(hull, scale, water.depth_m)
      end

      # @return [Array<Wake::Stroke>] on the water only; what the hull covers is left out
      def lines
        @lines ||= wake.lines(reach_mm).flat_map do |line|
          parts_of(Plan::Geos.line(line.points).intersection(open)).map { |points| line.dup.tap { |part| part.points = points } }
        end
      end

      # @return [Array<Leaving>] of the bow's arms, those that leave the base
      def leavings
        ashore = wake.lines(reach_mm).select { |line| line.system == "bow" && line.kind == "arm" }
        ashore.each_with_index.filter_map do |line, index|
          met = parts_of(Plan::Geos.line(line.points).intersection(@top)).first&.last or next
          Leaving.new(side: %w[port starboard][index], aft_mm: aft(met), at: met) if @top.boundary.distance(Plan::Geos.point(met)) < 0.01
        end
      end

      # @return [Hash{String => Float}] mm of water ahead, astern and abeam (the narrower side)
      def room_mm
        length, beam = hull.footprint_size
        { "ahead" => gap([length / 2, 0], [1, 0]), "astern" => gap([-length / 2, 0], [-1, 0]),
          "abeam" => [1, -1].map { |side| gap([0, side * beam / 2], [0, side]) }.min }
      end

      # @return [Hash{String => Float}] the same in lengths of the hull
      def room = room_mm.transform_values { |mm| mm / wake.hull_mm }

      private

      def reach_mm = Plan::Geos.bounds(@top).then { |x0, y0, x1, y1| Math.hypot(x1 - x0, y1 - y0) + wake.hull_mm }
      def open = @open ||= water.area.intersection(@top).difference(hull.footprint_area)
      def placed(point) = Plan::Outline.place([point], hull.at_mm, hull.turn_deg).first
      def aft(point) = (wake.hull_mm / 2) - Plan::Outline.place([minus(point, hull.at_mm)], [0.0, 0.0], -hull.turn_deg).first[0]
      def minus(one, other) = [one[0] - other[0], one[1] - other[1]]

      def gap(from, way)
        ray = Plan::Geos.line([placed(from), placed([from[0] + (way[0] * FAR_MM), from[1] + (way[1] * FAR_MM)])])
        parts_of(ray.intersection(water.area.intersection(@top))).first&.then { |points| Plan::Geos.length(Plan::Geos.line(points)) } || 0.0
      end

      # @return [Array<Array<Array(Float, Float)>>] points of the lines in a geometry
      def parts_of(geometry)
        return [Plan::Geos.coordinates(geometry)].reject { |points| points.size < 2 } if geometry.respond_to?(:points)

        geometry.respond_to?(:each) ? geometry.flat_map { |part| parts_of(part) } : []
      end
    end
  end
end
