# frozen_string_literal: true

module GreenPlinth
  module Composition
    # Which way a subject points, against the straight edges of the plinth.
    class Bearing
      # A side counts as straight from this share of the plinth's longer side; shorter ones are corners of a curve.
      STRAIGHT = 0.15
      ROUND = %w[round oval].freeze

      # @param outline [Hash] of the plinth's foot
      # @param foot [RGeo geometry] the same
      def initialize(outline, foot)
        @outline = outline
        @foot = foot
      end

      # Between the subject's long axis and the nearest straight side.
      # @return [Float, nil] degrees, 0–45; nil for a round subject or a plinth without straight sides
      def edge_angle(subject)
        axis = axis_deg(subject) or return
        side = nearest_side(subject) or return
        apart = (axis - (Math.atan2(side[1][1] - side[0][1], side[1][0] - side[0][0]) * 180 / Math::PI)) % 90
        [apart, 90 - apart].min
      end

      # @return [Float, nil] degrees counter-clockwise from the right; nil where no axis is longer
      def axis_deg(subject)
        outline = subject.footprint
        return if outline["kind"] == "round" || (outline["kind"] == "oval" && outline["width_mm"] == outline["depth_mm"])
        return subject.turn_deg + (outline["turn_deg"] || 0) if %w[oval rectangle].include?(outline["kind"])

        ring = Plan::Geos.rings(subject.footprint_area).first
        (x0, y0), (x1, y1) = ring.combination(2).max_by { |(a, b), (c, d)| Math.hypot(c - a, d - b) }
        Math.atan2(y1 - y0, x1 - x0) * 180 / Math::PI
      end

      # @return [Array(Array(Float, Float), Array(Float, Float)), nil] its two ends, mm
      def nearest_side(subject)
        straight_sides.min_by { |side| Plan::Geos.line(side).distance(Plan::Geos.point(subject.at_mm)) }
      end

      private

      def straight_sides
        @straight_sides ||= begin
          ring = ROUND.include?(@outline["kind"]) ? [] : Plan::Geos.rings(@foot).first
          min_x, min_y, max_x, max_y = Plan::Geos.bounds(@foot)
          least = STRAIGHT * [max_x - min_x, max_y - min_y].max
          ring.each_cons(2).select { |(x0, y0), (x1, y1)| Math.hypot(x1 - x0, y1 - y0) >= least }
        end
      end
    end
  end
end
