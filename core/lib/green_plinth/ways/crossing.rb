# frozen_string_literal: true

module GreenPlinth
  module Ways
    # A road over rails, as what is cut for it: the board between the rails with the flangeways left open, and on each side a wedge that
    # brings the road up to the rail tops, notched over the roadbed.
    class Crossing
      # How wide a rail's head is in life, mm (from memory).
      HEAD_LIFE_MM = 70.0

      attr_reader :road, :track

      # @param design [Design]
      # @return [Array<Crossing>] of every road and track that are drawn as strips and cross
      def self.all(design)
        tracks = design.outlined_features.select { |one| one.strip? && one.gauge_mm && (one.height_mm || one.rail_mm) }
        roads = (design.zones + design.outlined_features).select { |one| one.strip? && way?(one) }
        roads.product(tracks).filter_map { |road, track| of(road, track, design.scale) }
      end

      # Something that is driven on, and no track itself.
      def self.way?(part)
        return part.kind.trait?("roadway") if part.is_a?(Design::Feature)

        !part.ground["climbs_pct"].nil?
      end
      private_class_method :way?

      # @return [Crossing, nil] nil where they do not cross
      def self.of(road, track, scale)
        lines = [road, track].map { |part| Plan::Geos.line(Plan::Outline.line(part.outline)) }
        return unless lines[0].intersects?(lines[1])

        shared = lines[0].intersection(lines[1])
        at = shared.respond_to?(:x) ? [shared.x, shared.y] : shared.centroid.then { |point| [point.x, point.y] }
        new(road, track, scale, at)
      end
      private_class_method :of

      # @param at [Array(Float, Float)] where their middles cross, mm
      def initialize(road, track, scale, at)
        @road = road
        @track = track
        @scale = scale
        @at = at
      end

      # @return [Float] degrees between them, up to 90
      def angle_deg
        ways = [road, track].map { |part| Plan::Polyline.new(Plan::Outline.line(part.outline)).then { |line| line.at(line.nearest(*@at).last).last } }
        cos = ways[0].zip(ways[1]).sum { |a, b| a * b }.abs.clamp(0.0, 1.0)
        Math.acos(cos) * 180 / Math::PI
      end

      # @return [Float] mm along the rails under the road
      def along_mm = road.outline["width_mm"] / Math.sin([angle_deg, 5.0].max * Math::PI / 180)

      # @return [Float] mm from the ground that both lie on to the rail tops: so high the wedges are
      def rise_mm = (track.height_mm || track.rail_mm).to_f

      # @return [Float] mm left open beside each rail: as the maker says, else as wide as in life
      def flangeway_mm
        track.data["flangeway_mm"]&.to_f || (Scale::Things.new(track.catalogue)["flangeway"].range_mm.typical / @scale)
      end

      # @return [Float] mm across the board between the rails
      def board_mm = track.gauge_mm - (2 * flangeway_mm)

      # @return [Float] mm from a rail's outer face to the end of the sleepers
      def outside_mm = [(track.outline["width_mm"] - track.gauge_mm) / 2.0 - (HEAD_LIFE_MM / @scale), 0.0].max

      # @return [Float] mm that a wedge runs out over, as steep as a road climbs
      def run_mm = rise_mm / (climbs_pct / 100.0)

      # @return [Float] mm of roadbed under a wedge's upper end: its notch
      def notch_mm = (track.data["shoulder_mm"] || 0).to_f

      # Its cheek, seen from the side, its foot to the left.
      # @return [Array<Array(Float, Float)>] mm
      def cheek
        long = run_mm + notch_mm
        return [[0.0, 0.0], [run_mm, 0.0], [run_mm, rise_mm]] if notch_mm.zero?

        bed = [rise_mm - (track.rail_mm || (rise_mm / 2)), 0.0].max
        [[0.0, 0.0], [run_mm, 0.0], [run_mm, bed], [long, bed], [long, rise_mm], [run_mm, rise_mm]]
      end

      private

      def climbs_pct = (road.is_a?(Design::Feature) ? road.kind : road.ground)["climbs_pct"].to_f
    end
  end
end
