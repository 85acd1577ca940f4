# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The nearest place where a part stands free: wholly on the top and inside its border, on ground that nothing else takes, and
    # as whoever asks wants it besides.
    class NearestPlace
      # Places are tried on rings: a mm apart near by, farther apart farther off, in so many directions, to this share of the longer side.
      APART = { 10 => 1, 40 => 2, Float::INFINITY => 5 }.freeze
      DIRECTIONS = 16
      FARTHEST = 0.4
      # Less than this over the edge is drawing, mm².
      LEAST_MM2 = 0.5

      # @param ground [Plan::Ground]
      # @param survey [Plan::Survey] what is known of areas already
      def initialize(design, ground, survey = Plan::Survey.new)
        @design = design
        @ground = ground
        @survey = survey
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
        area = part.foot_area
        box, own = @survey.box(area), @survey.convex(area)
        yielding = yielding_to(part)
        each_move(toward || [0.0, 1.0], runs) do |dx, dy|
          here = [box[0] + dx, box[1] + dy, box[2] + dx, box[3] + dy]
          next unless on_top?(here) && quick.call(part.middle[0] + dx, part.middle[1] + dy)

          near = taken.near(here, MARGIN).reject { |other| yielding.include?(other) }
          next if own && near.any? { |other| @survey.convex(other)&.meets?(own, dx, dy, MARGIN) }

          moved = part.moved_by(dx, dy)
          return moved if free?(moved, near) && (!block_given? || yield(moved))
        end
        nil
      end

      # What a part may not stand on; what hosts it, and what it hosts, it may touch. Told apart by their places in the file, since
      # a part may be one of an earlier reading.
      # @return [Array<RGeo geometry>]
      def taken_beside(part)
        standing.reject { |other| other.pointer == part.pointer || hosting?(other, part) }.map(&:foot_area)
      end

      # @return [Boolean] whether a part stands free where it is
      def free?(part, others = taken_beside(part))
        others.none? { |other| other.intersects?(part.foot_area) } && over_mm2(part) < LEAST_MM2
      end

      # The least turn that is right, in steps of 15°; of two as large the first to the left.
      # @yield [part] turned
      # @return [Design::Subject, nil]
      def turn(subject)
        turns = (1..12).flat_map { |i| [i * 15, i * -15] }
        turns.lazy.map { |by| subject.turned_to((subject.turn_deg + by) % 360) }.find { |turned| yield turned }
      end

      private

      # Boxes are compared before areas; what is moved is rounded, hence the margin, mm.
      MARGIN = 0.1
      private_constant :MARGIN

      def top_box = @top_box ||= Plan::Geos.bounds(@ground.top)

      def on_top?(box)
        box[0] > top_box[0] - MARGIN && box[1] > top_box[1] - MARGIN && box[2] < top_box[2] + MARGIN && box[3] < top_box[3] + MARGIN
      end

      # Whatever bars feet, and those that stand.
      def standing = @standing ||= @design.subjects + @design.outlined_features.select { |feature| feature.kind.trait?("bars_feet") }

      def taken = @taken ||= Plan::Boxes.new(standing.map(&:foot_area).uniq(&:object_id), @survey)

      # Areas that only the part itself, what hosts it and what it hosts stand on.
      def yielding_to(part)
        own, others = standing.partition { |other| other.pointer == part.pointer || hosting?(other, part) }
        Set.new.compare_by_identity.merge(own.map(&:foot_area)).subtract(others.map(&:foot_area))
      end

      def hosting?(one, other) = [one, other].all?(Design::Feature) && (one.host == other.id || other.host == one.id)

      def each_move((dx, dy), runs)
        first = Math.atan2(dy, dx)
        ways = Array.new(DIRECTIONS) do |i|
          angle = first + (((i + 1) / 2) * (i.even? ? 1 : -1) * 2 * Math::PI / DIRECTIONS)
          [Math.cos(angle), Math.sin(angle)]
        end
        runs.each { |run| ways.each { |x, y| yield x * run, y * run } }
      end

      def rings
        x0, y0, x1, y1 = top_box
        far = FARTHEST * [x1 - x0, y1 - y0].max
        APART.each_with_object([]) do |(to, apart), rings|
          rings << ((rings.last || 0) + apart) while (rings.last || 0) + apart <= [to, far].min
        end
      end
    end
  end
end
