# frozen_string_literal: true

module GreenPlinth
  module Faces
    # The roof over a plan with corners that is no rectangle, in the building's own frame: planes of one pitch that rise from every wall and
    # meet along the plan's straight skeleton. Gabled, the ends of its wings stand upright. Leaning, it is one plane, high at the back.
    class RoofOverCorners
      include Pitched

      # Over more corners than these a roof is not folded of planes.
      MOST_CORNERS = 24

      # @param feature [Design::Feature]
      # @param corners [Array<Array(Float, Float)>] of its plan, mm, counter-clockwise
      def initialize(feature, corners)
        of(feature)
        @corners = corners
      end

      # @return [Boolean] whether planes meet over the plan
      def fits? = @corners.size <= MOST_CORNERS && (leaning? || !slopes(@corners).nil?)

      # @return [Float] mm from the eaves to the highest of it
      def rise_mm = tan * (leaning? ? depth(back) : own.flatten(1).map(&:last).max)

      # The upper corners of a wall, from its right end to its left one.
      # @param index [Integer] from 0, of the wall from its corner to the next
      def profile(index, eaves, long)
        left, right = [index, (index + 1) % @corners.size].map { |at| eaves + (leaning? ? tan * depth(@corners[at]) : 0.0) }
        apex = leaning? ? nil : gables(own)[index]
        return [[long, right], [0.0, left]] unless apex

        [[long, eaves], [long / 2, eaves + (tan * apex.last)], [0.0, eaves]]
      end

      # @param eaves [Float] mm over the ground
      # @return [Array<Face>] each in its own plane, foot below
      def faces(eaves)
        return [Face.sloping("roof", outer.map { |point| [*point, eaves + (tan * depth(point))] }.rotate(lowest_side))] if leaning?

        low = eaves - (tan * overhang_mm)
        upright(slopes(outer) || own).each_with_index.filter_map do |corners, side|
          corners && Face.sloping("slope #{side + 1}", corners.map { |x, y, inward| [x, y, low + (tan * inward)] })
        end
      end

      private

      def leaning? = shape == "lean_to"
      def own = @own ||= slopes(@corners)
      def slopes(ring) = Plan::Skeleton.new(ring).faces

      # How far behind the front a corner lies, mm.
      def depth((_, y)) = y - @corners.map(&:last).min
      def back = @corners.max_by(&:last)

      # The foot of a leaning roof: its most level side at the front.
      def lowest_side
        outer.each_index.min_by { |at| [outer[at], outer[(at + 1) % outer.size]].sum { |_, y| y } }
      end

      # The plan with its overhang: every side goes out, and they meet again.
      def outer
        return @corners if overhang_mm.zero?

        @outer ||= @corners.each_index.map { |at| pushed(@corners[at - 1], @corners[at], @corners[(at + 1) % @corners.size]) }
      end

      def pushed(before, corner, behind)
        a, b = [[before, corner], [corner, behind]].map { |from, to| normal(from, to) }
        turn = (a[0] * b[1]) - (a[1] * b[0])
        return [0, 1].map { |axis| corner[axis] + (a[axis] * overhang_mm) } if turn.abs < 1e-9

        [corner[0] + ((b[1] - a[1]) / turn * overhang_mm), corner[1] + ((a[0] - b[0]) / turn * overhang_mm)]
      end

      # Outward.
      def normal(from, to)
        long = Math.hypot(to[0] - from[0], to[1] - from[1])
        [(to[1] - from[1]) / long, (from[0] - to[0]) / long]
      end

      # Ends of wings by their side: where a gable has its point, over the middle of the wall, mm.
      def gables(faces)
        return {} unless shape == "gable"

        faces.each_index.select { |side| gable?(faces, side) }.to_h do |side|
          (x0, y0), (x1, y1), (_, _, inward) = faces[side]
          [side, [(x0 + x1) / 2, (y0 + y1) / 2, inward]]
        end
      end

      # Between two walls that run against each other, one ridge away from it.
      def gable?(faces, side)
        return false unless faces[side].size == 3

        a, b = [side - 1, (side + 1) % faces.size].map { |beside| normal(*faces[beside].first(2).map { |point| point.first(2) }) }
        against = ((a[0] * b[0]) + (a[1] * b[1])) < -1 + 1e-9
        against && faces.count { |corners| corners.any? { |point| same?(point, faces[side].last) } } == 3
      end

      def same?(one, other) = one.zip(other).all? { |a, b| (a - b).abs < 1e-6 }

      # The planes with their gables upright: the ridge goes on to the wall, and the end itself is the wall's.
      # @return [Array<Array, nil>] nil where a side is a gable
      def upright(faces)
        points = gables(faces)
        faces.each_with_index.map do |corners, side|
          next if points.key?(side)

          corners.map { |point| points.find { |end_side, _| same?(faces[end_side].last, point) }&.last || point }
        end
      end
    end
  end
end
