# frozen_string_literal: true

module GreenPlinth
  module Composition
    # How the subjects and features lie on the top, seen from above: coverage, overhang, clearances, thirds, symmetry.
    class Layout
      # Corners nearer to their chord than this tell nothing of how a base is filled, mm.
      SIMPLIFY_MM = 0.05
      # Farther from a feature than this a subject has all the room it wants, mm.
      NEAR_MM = 30.0

      # @param ground [Plan::Ground]
      def initialize(design, ground)
        @design = design
        @top = ground.top
        @foot = ground.foot
        @bearing = Bearing.new(design.plinth.outline, ground.foot)
      end

      attr_reader :bearing

      # @return [Array<Hash>] one for each subject, as in the evaluation
      def subjects
        @subjects ||= @design.subjects.map do |subject|
          { "id" => subject.id, "coverage_pct" => (100 * subject.footprint_area.area / @top.area).round(3),
            "overhang_mm" => overhang(subject.shadow).round(3), "edge_angle_deg" => bearing.edge_angle(subject)&.round(2),
            "thirds_mm" => thirds(subject).round(3) }
        end
      end

      # @return [Array<Hash>] distance between the silhouettes of each pair, mm; 0 where they meet
      def clearances
        @clearances ||= @design.subjects.combination(2).map do |one, other|
          { "between" => [one.id, other.id], "mm" => one.distance_to(other).round(3) }
        end
      end

      # @return [Array<Hash>] distance from a subject's silhouette to each feature nearer than NEAR_MM
      def feature_clearances
        @feature_clearances ||= shadows.flat_map do |subject, shadow|
          box = grown(Plan::Geos.bounds(shadow))
          outlined.select { |_, _, other| Plan::Geos.boxes_meet?(box, other) }.filter_map do |feature, shape, _|
            mm = shape.distance(shadow)
            { "between" => [subject.id, feature.id], "mm" => mm.round(3) } if mm <= NEAR_MM
          end
        end
      end

      # Share of the plan's parts that their mirror image, left for right, covers again; nil where nothing stands.
      # @return [Float, nil] percent
      def symmetry_pct
        return if taken.empty?

        (100 * Plan::Geos.area(mirrored) / Plan::Geos.area(taken)).round(2)
      end

      # @return [RGeo geometry] what the mirror image covers again
      def mirrored = @mirrored ||= taken.intersection(Plan::Geos.union(Plan::Geos.polygons(taken).map { |polygon| mirror(polygon) }))

      # @return [RGeo geometry] everything that stands, as one area
      def taken
        @taken ||= Plan::Geos.union([standing_area, *trodden])
      end

      # @return [Float] percent of the top
      def taken_pct = 100 * Plan::Geos.area(taken.intersection(@top)) / @top.area

      # Above this the eye finds no rest (from memory), percent of the top; and so many things on a square decimetre, where there are
      # more than a handful.
      CROWDED_PCT = 65
      MOST_PER_DM2 = 9
      HANDFUL = 10
      MM2_PER_DM2 = 10_000.0

      # @return [Boolean] whether things take so much, or are so many, that the eye finds no rest
      def crowded? = standing_pct > CROWDED_PCT || (standing.size > HANDFUL && per_dm2 > MOST_PER_DM2)

      # Roads, rails and paving are ground to the eye.
      # @return [Float] percent of the top under what stands on it
      def standing_pct = 100 * Plan::Geos.area(standing_area.intersection(@top)) / @top.area

      # @return [Float] things on a square decimetre
      def per_dm2 = standing.size / (@top.area / MM2_PER_DM2)

      # @return [Float] percent of the top under all the subjects, as they are seen: with what reaches beyond their soles and wheels
      def share_pct
        100 * Plan::Geos.area(Plan::Geos.union(@design.subjects.map(&:shadow)).intersection(@top)) / @top.area
      end

      # @return [Float] mm the silhouette reaches beyond the plinth at most
      def overhang(silhouette)
        Plan::Geos.rings(silhouette.difference(@foot)).flatten(1).map { |xy| Plan::Geos.point(xy).distance(@foot) }.max || 0.0
      end

      private

      def standing = @standing ||= @design.subjects.map(&:footprint_area) + simplified(ways.last)
      def trodden = simplified(ways.first)
      def standing_area = @standing_area ||= Plan::Geos.union(standing)
      def ways = @ways ||= outlined.partition { |feature, _, _| feature.kind.trait?("trodden") }
      def simplified(parts) = parts.map { |_, shape, _| shape.simplify(SIMPLIFY_MM) }

      # @return [Array<Array(Subject, RGeo geometry)>]
      def shadows = @shadows ||= @design.subjects.map { |subject| [subject, subject.shadow] }

      # @return [Array<Array(Feature, RGeo geometry, bounds)>] those with a place of their own
      def outlined
        @outlined ||= @design.outlined_features.map do |feature|
          shape = feature.area
          [feature, shape, Plan::Geos.bounds(shape)]
        end
      end

      def grown((min_x, min_y, max_x, max_y)) = [min_x - NEAR_MM, min_y - NEAR_MM, max_x + NEAR_MM, max_y + NEAR_MM]

      def mirror(polygon)
        flip = ->(ring) { Plan::Geos::FACTORY.linear_ring(ring.points.map { |point| Plan::Geos.point([-point.x, point.y]) }) }
        Plan::Geos::FACTORY.polygon(flip[polygon.exterior_ring], polygon.interior_rings.map(&flip))
      end

      def thirds(subject)
        min_x, min_y, max_x, max_y = Plan::Geos.bounds(@foot)
        lines = ->(low, high) { [low + ((high - low) / 3), low + (2 * (high - low) / 3)] }
        lines[min_x, max_x].product(lines[min_y, max_y]).map { |x, y| Math.hypot(subject.at_mm[0] - x, subject.at_mm[1] - y) }.min
      end
    end
  end
end
