# frozen_string_literal: true

module GreenPlinth
  module Composition
    # How well the subjects are placed, out of 100: what cannot stand costs most, then what is hidden, then how they lie
    # to the thirds, the edges and the middle. The weights are from memory; they rank arrangements, nothing else.
    class Score
      WEIGHTS = { off: 60, overlap: 60, in_the_way: 40, wet: 40, uneven: 20, foul: 15, hidden: 25, thirds: 15, angle: 10, centre: 8 }.freeze
      LIVELY_DEG = Judgements::EdgeAngle::LIVELY_DEG

      # What subjects are placed on, gathered once for many placings: terrain, the features' solids, what a subject may
      # not stand in (features that rise from the ground, and water).
      Setting = Struct.new(:ground, :terrain, :pools, :solids, :hard, :wet) do
        # @param evaluation [Evaluation]
        def self.of(evaluation)
          design = evaluation.design
          hard = design.outlined_features.reject { |feature| feature.kind.trait?("trodden") }
          new(evaluation.ground, evaluation.terrain, evaluation.pools, evaluation.solids.features,
            Plan::Geos.union(hard.map(&:area)),
            Plan::Geos.union(evaluation.pools.select(&:wet?).map { |pool| pool.water.area }))
        end
      end

      # @param setting [Setting]
      def initialize(design, setting)
        @design = design
        @setting = setting
        @ground = setting.ground
        @terrain = setting.terrain
        @layout = Layout.new(design, setting.ground)
      end

      # @param floor [Float] below this the answer need not be exact: the dear looks are left out
      # @return [Float] 0–100
      def total(floor: -Float::INFINITY)
        quick = 100 - costs(cheap)
        quick <= floor ? quick : quick - costs([:hidden])
      end

      # @return [Hash{Symbol => Float}] figures a maker knows: thirds mm, angle °, seen %, uneven mm
      def figures
        { thirds: focal && distance_to_thirds, angle: least_angle, seen: least_seen, uneven: worst_footing }
      end

      private

      def costs(terms) = terms.sum { |term| WEIGHTS.fetch(term) * send(term).clamp(0.0, 1.0) }
      def cheap
        composed = @design.purpose.trait?("shown") ? %i[thirds angle centre] : []
        %i[off overlap in_the_way wet uneven foul] + composed
      end

      def shapes = @shapes ||= @design.subjects.map(&:footprint_area)
      def focal = @focal ||= @design.subjects.find(&:focal?) || (@design.subjects.first if @design.subjects.size == 1)
      def longer = @longer ||= bounds.then { |x0, y0, x1, y1| [x1 - x0, y1 - y0].max }
      def bounds = @bounds ||= Plan::Geos.bounds(@ground.foot)

      # Share of the subjects that hangs over the edge.
      def off = 4 * shapes.sum { |shape| shape.difference(@ground.top).then { |over| Plan::Geos.area(over) } / shape.area }

      def overlap
        4 * shapes.combination(2).sum { |a, b| a.intersects?(b) ? Plan::Geos.area(a.intersection(b)) / [a.area, b.area].min : 0 }
      end

      # Subjects that stand in a wall, and those that stand in the water; a hull floats.
      def in_the_way = 3 * standing_shapes.sum { |shape| share_in(shape, @setting.hard) }
      def wet = 3 * standing_shapes.sum { |shape| share_in(shape, @setting.wet) }
      def share_in(shape, area) = area.empty? || !area.intersects?(shape) ? 0 : Plan::Geos.area(area.intersection(shape)) / shape.area
      def standing_shapes = standing.map(&:footprint_area)

      def uneven = [(worst_footing || 0) - Footing::LEVEL_MM, 0].max / 4
      def worst_footing = @worst_footing ||= standing.filter_map { |subject| Footing.new(@terrain).uneven_mm(subject) }.max
      def standing = @design.standing

      # Silhouettes that run into each other.
      def foul = @design.subjects.empty? ? 0 : @layout.clearances.count { |pair| pair["mm"].zero? } / @design.subjects.size.to_f

      def hidden = 1 - ((least_seen || 100) / 100.0)

      def least_seen
        @least_seen ||= begin
          sight = Sight.new(Solids.new(@design, @terrain, @setting.pools, features: @setting.solids), @terrain, Eye.of(@design))
          @design.subjects.filter_map { |subject| sight.visible_pct(subject) }.min
        end
      end

      def distance_to_thirds = @layout.subjects[@design.subjects.index(focal)]["thirds_mm"]
      def thirds = focal && !@design.purpose.trait?("floats") ? distance_to_thirds / (0.35 * longer) : 0

      def least_angle = @layout.subjects.filter_map { |figures| figures["edge_angle_deg"] }.min

      def angle
        least = least_angle or return 0
        LIVELY_DEG.cover?(least) ? 0 : [(LIVELY_DEG.min - least) / LIVELY_DEG.min.to_f, (least - LIVELY_DEG.max) / 40.0].max
      end

      def centre
        return 0 unless focal && !@design.purpose.trait?("centred")

        x0, y0, x1, y1 = bounds
        1 - (Math.hypot(focal.at_mm[0] - ((x0 + x1) / 2), focal.at_mm[1] - ((y0 + y1) / 2)) / (0.12 * longer))
      end
    end
  end
end
