# frozen_string_literal: true

module GreenPlinth
  module Composition
    # How the subjects stand on the top: coverage, overhang, angles, thirds, clearances, symmetry.
    class Layout
      # A side counts as straight from this share of the plinth's longer side; shorter ones are corners of a curve.
      STRAIGHT = 0.15
      ROUND = %w[round oval].freeze

      # @param ground [Plan::Ground]
      def initialize(design, ground)
        @design = design
        @top = ground.top
        @foot = ground.foot
      end

      # @return [Array<Hash>] one for each subject, as in the evaluation
      def subjects
        @subjects ||= @design.subjects.map do |subject|
          footprint = Standing.footprint(subject)
          { "id" => subject.id, "coverage_pct" => (100 * footprint.area / @top.area).round(3), "overhang_mm" => overhang(Standing.silhouette(subject)).round(3),
            "edge_angle_deg" => edge_angle(subject)&.round(2), "thirds_mm" => thirds(subject).round(3), "visible_pct" => nil }
        end
      end

      # @return [Array<Hash>] distance between the silhouettes of each pair, mm; 0 where they meet
      def clearances
        @clearances ||= @design.subjects.map { |subject| [subject, Standing.silhouette(subject)] }.combination(2).map do |(a, one), (b, other)|
          { "between" => [a.id, b.id], "mm" => one.distance(other).round(3) }
        end
      end

      # Share of the plan's parts that their mirror image, left for right, covers again; nil where nothing stands.
      # @return [Float, nil] percent
      def symmetry_pct
        return @symmetry_pct if defined?(@symmetry_pct)

        @symmetry_pct = mirrored_share
      end

      # @return [Float] percent of the top under all the subjects
      def share_pct
        100 * Plan::Geos.area(Plan::Geos.union(@design.subjects.map { |subject| Standing.footprint(subject) })) / @top.area
      end

      # @return [Float] mm the silhouette reaches beyond the plinth at most
      def overhang(silhouette)
        Plan::Geos.rings(silhouette.difference(@foot)).flatten(1).map { |xy| Plan::Geos.point(xy).distance(@foot) }.max || 0.0
      end

      private

      def mirrored_share
        parts = @design.subjects.map { |subject| Standing.footprint(subject) }
        parts += @design.features.filter_map { |feature| feature.outline && Plan::Outline.polygon(feature.outline) }
        return if parts.empty?

        all = Plan::Geos.union(parts)
        mirrored = Plan::Geos.union(Plan::Geos.polygons(all).map { |polygon| mirror(polygon) })
        (100 * Plan::Geos.area(all.intersection(mirrored)) / Plan::Geos.area(all)).round(2)
      end

      def mirror(polygon)
        flip = ->(ring) { Plan::Geos::FACTORY.linear_ring(ring.points.map { |point| Plan::Geos.point([-point.x, point.y]) }) }
        Plan::Geos::FACTORY.polygon(flip[polygon.exterior_ring], polygon.interior_rings.map(&flip))
      end

      def thirds(subject)
        min_x, min_y, max_x, max_y = Plan::Geos.bounds(@foot)
        lines = ->(low, high) { [low + ((high - low) / 3), low + (2 * (high - low) / 3)] }
        lines[min_x, max_x].product(lines[min_y, max_y]).map { |x, y| Math.hypot(subject.at_mm[0] - x, subject.at_mm[1] - y) }.min
      end

      # Between the subject's long axis and the nearest straight side, 0–45.
      def edge_angle(subject)
        axis = axis_deg(subject) or return
        side = nearest_side(subject) or return
        apart = (axis - (Math.atan2(side[1][1] - side[0][1], side[1][0] - side[0][0]) * 180 / Math::PI)) % 90
        [apart, 90 - apart].min
      end

      def axis_deg(subject)
        outline = subject.footprint
        return if outline["kind"] == "round" || (outline["kind"] == "oval" && outline["width_mm"] == outline["depth_mm"])
        return subject.turn_deg + (outline["turn_deg"] || 0) if %w[oval rectangle].include?(outline["kind"])

        ring = Plan::Geos.rings(Standing.footprint(subject)).first
        (x0, y0), (x1, y1) = ring.combination(2).max_by { |(a, b), (c, d)| Math.hypot(c - a, d - b) }
        Math.atan2(y1 - y0, x1 - x0) * 180 / Math::PI
      end

      def nearest_side(subject)
        straight_sides.min_by { |side| Plan::Geos.line(side).distance(Plan::Geos.point(subject.at_mm)) }
      end

      def straight_sides
        @straight_sides ||= begin
          outline = @design.plinth.outline
          ring = ROUND.include?(outline["kind"]) ? [] : Plan::Geos.rings(@foot).first
          min_x, min_y, max_x, max_y = Plan::Geos.bounds(@foot)
          least = STRAIGHT * [max_x - min_x, max_y - min_y].max
          ring.each_cons(2).select { |(x0, y0), (x1, y1)| Math.hypot(x1 - x0, y1 - y0) >= least }
        end
      end
    end
  end
end
