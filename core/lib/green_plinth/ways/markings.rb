# frozen_string_literal: true

module GreenPlinth
  module Ways
    # What is painted on a road: lines along its curve, whole or broken, and stop lines across its right-hand lane.
    class Markings
      # A painted line in life, mm: what road_line stands for, where nobody says.
      LINE = "road_line"

      # ring: what is painted, mm; colour: nil where nobody says
      Dash = Struct.new(:ring, :colour, keyword_init: true)

      # @param part [Design::Feature, Design::Zone] drawn as a strip
      # @param scale [Float] 1:scale
      def initialize(part, scale)
        @part = part
        @scale = scale
        @things = Scale::Things.new(part.catalogue)
        @line = Plan::Polyline.new(Plan::Outline.line(part.outline))
        @half = part.outline["width_mm"] / 2.0
      end

      # @return [Array<Markings>] of all that are marked
      def self.all(design)
        (design.zones + design.features).select { |part| part.strip? && part.data["markings"]&.any? }
          .map { |part| new(part, design.scale) }
      end

      attr_reader :part

      # @return [Array<Dash>] each dash by itself
      def marks = @marks ||= part.data["markings"].flat_map { |data| drawn(data) }

      # @return [Float] mm² of paint
      def area_mm2 = marks.sum { |mark| Plan::Geos.ring_area(mark.ring) }

      # @return [Float] mm that are painted along
      def length_mm = marks.sum { |mark| mark.ring.each_cons(2).map { |a, b| Math.hypot(b[0] - a[0], b[1] - a[1]) }.sum / 2 }

      private

      def drawn(data)
        kind = part.kinds.of("markings", data["line"])
        kind["across"] ? [stop(data, kind)] : along(data, kind)
      end

      # From where it is across to the middle: the lane that comes up to it.
      def stop(data, kind)
        wide = data["width_mm"] || life(kind["stands_for"])
        at = (data["at_mm"] || (@line.length_mm / 2)).clamp(wide / 2, @line.length_mm - (wide / 2))
        near, far = [at - (wide / 2), at + (wide / 2)].map { |station| lane(station) }
        Dash.new(ring: [*near, *far.reverse], colour: data["colour"])
      end

      # @return [Array<Array(Float, Float)>] the right edge of the road, and its middle
      def lane(station) = [@line.across(station, @half).first, @line.at(station).first]

      def along(data, kind)
        wide = data["width_mm"] || life(LINE)
        at = (@half * kind["at"]) - ((kind["inset_mm"] || 0) / @scale * (kind["at"] <=> 0))
        dashes(data, kind).map { |from, to| Dash.new(ring: band(at, wide, from, to), colour: data["colour"]) }
      end

      def band(at, wide, from, to)
        left, right = [wide / 2, -wide / 2].map { |by| @line.beside(at + by, from: from, to: to) }
        [*left, *right.reverse]
      end

      # @return [Array<Array(Float, Float)>] from and to of each; one where it is whole
      def dashes(data, kind)
        dash, gap = measures(data, kind)
        return [[0.0, @line.length_mm]] unless dash && gap&.positive?

        (0..(@line.length_mm / (dash + gap)).floor).map { |index| index * (dash + gap) }
          .map { |from| [from, [from + dash, @line.length_mm].min] }.select { |from, to| to - from > LEAST_MM }
      end

      # A shorter dash is a speck, mm.
      LEAST_MM = 0.2
      private_constant :LEAST_MM

      def measures(data, kind)
        thing = @things[data["represents"] || kind["stands_for"]]
        broken = thing&.gap_mm
        [data["dash_mm"] || (broken && (thing.range_mm.typical / @scale)), data["gap_mm"] || (broken && (broken / @scale))]
      end

      def life(key) = @things[key].range_mm.typical / @scale
    end
  end
end
