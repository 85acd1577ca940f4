# frozen_string_literal: true

module GreenPlinth
  module Composition
    # How the subjects and features lie on the top, seen from above: coverage, overhang, clearances, thirds, symmetry.
    class Layout
      # Farther from a feature than this a subject has all the room it wants, mm.
      NEAR_MM = 30.0

      # @param ground [Plan::Ground]
      # @param taking [FeaturesTaking] what the features take of the plan
      def initialize(design, ground, taking = FeaturesTaking.new(design.outlined_features))
        @design = design
        @taking = taking
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

      # @return [Array<Hash>] distance from a subject's silhouette to each feature nearer than NEAR_MM; stands_on: what it lies over is
      #   there to be stood, driven or run on
      def feature_clearances
        @feature_clearances ||= shadows.flat_map do |subject, shadow|
          box = grown(Plan::Geos.bounds(shadow))
          outlined.select { |_, _, other| Plan::Geos.boxes_meet?(box, other) }.filter_map do |feature, shape, _|
            mm = shape.distance(shadow)
            next if mm > NEAR_MM

            { "between" => [subject.id, feature.id], "mm" => mm.round(3) }
              .merge(mm.zero? && !feature.kind.trait?("bars_feet") ? { "stands_on" => true } : {})
          end
        end
      end

      # Share of the plan's parts that their mirror image, left for right, covers again; nil where nothing stands.
      # @return [Float, nil] percent
      def symmetry_pct
        whole = taken.sum { |part| Plan::Geos.area(part) }
        (100 * mirrored.sum { |part| Plan::Geos.area(part) } / whole).round(2) if whole.positive?
      end

      # What the mirror image covers again, in two areas beside each other: of the features with their own, and all that the
      # subjects add to it.
      # @return [Array<RGeo geometry>]
      def mirrored
        @mirrored ||= begin
          turned = FeaturesTaking.mirror(feet)
          added = Plan::Geos.union([feet.intersection(turned), feet.intersection(@taking.mirrored), turned.intersection(@taking.all)])
          [@taking.mirrored_again, added.difference(@taking.mirrored_again)]
        end
      end

      # Everything that stands or lies there, in two areas beside each other: the features', and what the subjects add.
      # @return [Array<RGeo geometry>]
      def taken = @taken ||= [@taking.all, feet.difference(@taking.all)]

      # Above this the eye finds no rest (from memory), percent of the top; and so many things on a square decimetre, where there are
      # more than a handful.
      CROWDED_PCT = 65
      MOST_PER_DM2 = 9
      HANDFUL = 10
      MM2_PER_DM2 = 10_000.0

      # @return [Boolean] whether things take so much, or are so many, that the eye finds no rest
      def crowded? = standing_pct > CROWDED_PCT || (things > HANDFUL && per_dm2 > MOST_PER_DM2)

      # Roads, rails and paving are ground to the eye.
      # @return [Float] percent of the top under what stands on it
      def standing_pct
        added = feet.difference(@taking.standing).intersection(@top)
        100 * (@taking.standing_on(@top) + Plan::Geos.area(added)) / @top.area
      end

      # @return [Float] things on a square decimetre
      def per_dm2 = things / (@top.area / MM2_PER_DM2)

      # @return [Float] percent of the top under all the subjects, as they are seen: with what reaches beyond their soles and wheels
      def share_pct
        100 * Plan::Geos.area(Plan::Geos.union(@design.subjects.map(&:shadow)).intersection(@top)) / @top.area
      end

      # @return [Float] mm the silhouette reaches beyond the plinth at most
      def overhang(silhouette)
        Plan::Geos.rings(silhouette.difference(@foot)).flatten(1).map { |xy| Plan::Geos.point(xy).distance(@foot) }.max || 0.0
      end

      private

      # Those that stand, and are no ways.
      def things = @design.subjects.size + @taking.count

      # @return [RGeo geometry] under the subjects
      def feet = @feet ||= Plan::Geos.union(@design.subjects.map(&:footprint_area))

      # @return [Array<Array(Subject, RGeo geometry)>]
      def shadows = @shadows ||= @design.subjects.map { |subject| [subject, subject.shadow] }

      def outlined = @taking.outlined

      def grown((min_x, min_y, max_x, max_y)) = [min_x - NEAR_MM, min_y - NEAR_MM, max_x + NEAR_MM, max_y + NEAR_MM]

      def thirds(subject)
        min_x, min_y, max_x, max_y = Plan::Geos.bounds(@foot)
        lines = ->(low, high) { [low + ((high - low) / 3), low + (2 * (high - low) / 3)] }
        lines[min_x, max_x].product(lines[min_y, max_y]).map { |x, y| Math.hypot(subject.at_mm[0] - x, subject.at_mm[1] - y) }.min
      end
    end
  end
end
