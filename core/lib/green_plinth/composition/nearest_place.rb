# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The nearest place where a part stands free: wholly on the top and inside its border, on ground that nothing else takes, and
    # as whoever asks wants it besides.
    class NearestPlace
      # Places are tried on rings: one mm apart near by, two farther off, in so many directions, to this share of the longer side.
      NEAR_MM = 10
      DIRECTIONS = 16
      FARTHEST = 0.5
      # Less than this over the edge is drawing, mm².
      LEAST_MM2 = 0.5

      # @param ground [Plan::Ground]
      def initialize(design, ground)
        @design = design
        @ground = ground
      end

      # @return [RGeo geometry] where subjects stand: the top, less its border
      def room
        @room ||= @design.plinth.border_mm.positive? ? @ground.top.buffer(-@design.plinth.border_mm) : @ground.top
      end

      # @return [Float] mm² of a part that lie over the edge of where it may stand
      def over_mm2(part) = Plan::Geos.area(part.foot_area.difference(part.is_a?(Design::Subject) ? room : @ground.top))

      # @param part [Design::Subject, Design::Feature]
      # @param toward [Array(Float, Float), nil] the direction that is tried first at each distance
      # @param runs [Array<Numeric>] mm, the rings that are tried
      # @param quick [#call] a look at a place (x, y in mm) before the thorough one
      # @yield [part] moved: whether it is right there
      # @return [Design::Subject, Design::Feature, nil] the part there
      def find(part, toward: nil, runs: rings, quick: ->(_x, _y) { true })
        others = taken_beside(part)
        moves(toward || [0.0, 1.0], runs).each do |dx, dy|
          x, y = part.middle[0] + dx, part.middle[1] + dy
          next unless @ground.top.contains?(Plan::Geos.point([x, y])) && quick.call(x, y)

          moved = part.moved_by(dx, dy)
          return moved if free?(moved, others) && (!block_given? || yield(moved))
        end
        nil
      end

      # @return [Boolean] whether a part stands free where it is
      def free?(part, others = taken_beside(part))
        over_mm2(part) < LEAST_MM2 && others.none? { |other| other.intersects?(part.foot_area) }
      end

      # The least turn that is right, in steps of 15°; of two as large the first to the left.
      # @yield [part] turned
      # @return [Design::Subject, nil]
      def turn(subject)
        turns = (1..12).flat_map { |i| [i * 15, i * -15] }
        turns.lazy.map { |by| subject.turned_to((subject.turn_deg + by) % 360) }.find { |turned| yield turned }
      end

      private

      # By their places in the file: a part may be one of an earlier reading. What hosts it, and what it hosts, it may touch.
      def taken_beside(part)
        barring = @design.outlined_features.select { |feature| feature.kind.trait?("bars_feet") && !hosting?(feature, part) }
        (@design.subjects + barring).reject { |other| other.pointer == part.pointer }.map(&:foot_area)
      end

      def hosting?(one, other) = other.is_a?(Design::Feature) && (one.host == other.id || other.host == one.id)

      def moves((dx, dy), runs)
        first = Math.atan2(dy, dx)
        runs.lazy.flat_map do |run|
          (0...DIRECTIONS).map do |i|
            angle = first + (((i + 1) / 2) * (i.even? ? 1 : -1) * 2 * Math::PI / DIRECTIONS)
            [Math.cos(angle) * run, Math.sin(angle) * run]
          end
        end
      end

      def rings
        x0, y0, x1, y1 = Plan::Geos.bounds(@ground.top)
        (1..NEAR_MM).to_a + (NEAR_MM + 2).step(FARTHEST * [x1 - x0, y1 - y0].max, 2).to_a
      end
    end
  end
end
