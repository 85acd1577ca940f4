# frozen_string_literal: true

module GreenPlinth
  module Seas
    # What of a hull lies below its waterline: slices of it at their depths, from the waterline down to the keel, and what hangs below
    # it. Where nobody gives slices it is taken as wall-sided, which is the most that it can be.
    class Immersed
      # depth_mm below the waterline; shape: what the hull fills there, on the plan.
      Waterplane = Struct.new(:depth_mm, :shape, keyword_init: true)

      # It is carried by a ledge of this width (typical, from memory), mm.
      LEDGE_MM = 4.0
      # Held up by less than this nobody sees it (from memory), mm.
      ALLOWED_MM = 0.2

      # @param hull [Design::Subject]
      def initialize(hull)
        @hull = hull
      end

      # @return [Boolean] whether its form is known
      def known? = own.any?

      # @return [Float] mm from the waterline to the keel, appendages left out
      def draught_mm = [*own.map { |row| row["depth_mm"] }, @hull.draught_mm || 0].max.to_f

      # @return [Array<Waterplane>] from the waterline down
      def slices
        @slices ||= begin
          below = own.map { |row| Waterplane.new(depth_mm: row["depth_mm"].to_f, shape: placed(row["outline"])) }.sort_by(&:depth_mm)
          rest = below.last || Waterplane.new(depth_mm: 0.0, shape: @hull.footprint_area)
          last = draught_mm > rest.depth_mm ? [Waterplane.new(depth_mm: draught_mm, shape: rest.shape)] : []
          [Waterplane.new(depth_mm: 0.0, shape: @hull.footprint_area), *below, *last]
        end
      end

      # @return [Array<Waterplane>] fins, shafts, a rudder: each to its own depth
      def appendages
        (@hull.data["appendages"] || []).map { |row| Waterplane.new(depth_mm: row["depth_mm"].to_f, shape: placed(row["outline"])) }
      end

      # The water whose place it takes. Source: Archimedes, On Floating Bodies; areas summed by Simpson's rule, for slices at any depths.
      # @return [Float] ml
      def displaced_ml
        hull = Simpson.integral(slices.map { |slice| [slice.depth_mm, Plan::Geos.area(slice.shape)] })
        fins = appendages.sum { |fin| Plan::Geos.area(fin.shape.difference(slices.last.shape)) * fin.depth_mm }
        (hull + fins) / 1000
      end

      # @return [Float] mm that a point of the hull lies deeper than upright: with its bow down, heeled to port
      def deeper_at(x, y)
        along, across = Plan::Outline.place([[x - @hull.at_mm[0], y - @hull.at_mm[1]]], [0.0, 0.0], -@hull.turn_deg).first
        (along * tan("trim_deg")) + (across * tan("heel_deg"))
      end

      # How far the ground keeps it from lying as deep as it should, where it is worst.
      # @param terrain [Relief::Terrain]
      # @param level [Float] of the water, mm
      # @return [Float] mm; 0 where it sits
      def held_up_mm(terrain, level)
        seats = slices.drop(1).map { |slice| [slice, known? ? 0 : ledge_mm] } + appendages.map { |fin| [fin, 0] }
        seats.map { |slice, inside| held_up(slice, terrain, level, inside) }.push(0.0).max
      end

      # @return [Float] mm of its rim that it is carried by; of a narrow one no more than a quarter of its beam
      def ledge_mm = [LEDGE_MM, @hull.footprint_size.min / 4].min

      private

      def own = @hull.data["immersed"] || []
      def placed(outline) = Plan::Outline.polygon(outline, at: @hull.at_mm, turn: @hull.turn_deg)
      def tan(member) = Math.tan((@hull.data[member] || 0) * Math::PI / 180)

      def held_up(slice, terrain, level, inside)
        shape = inside.positive? ? slice.shape.buffer(-inside) : slice.shape
        _, ground = terrain.range_in(shape)
        return 0.0 unless ground

        deepest = Plan::Geos.rings(shape).flatten(1).map { |x, y| deeper_at(x, y) }.max || 0.0
        [ground - (level - slice.depth_mm - deepest), 0.0].max
      end
    end
  end
end
