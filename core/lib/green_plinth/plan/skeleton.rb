# frozen_string_literal: true

module GreenPlinth
  module Plan
    # The straight skeleton of a plan with corners: where its sides meet that all go inward at one pace. It is where the planes of a roof of
    # one pitch meet. Found by letting the sides shrink from event to event: a side has shrunk to nothing, or a corner that points inward
    # reaches a side and parts the plan in two.
    #
    # Source: O. Aichholzer, F. Aurenhammer, D. Alberts, B. Gärtner, "A novel type of skeleton for polygons", Journal of Universal Computer
    # Science 1 (1995) 752–761.
    class Skeleton
      # Nearer is the same place, and sooner the same time, mm.
      EPS = 1e-7
      # Steps of the shrinking beyond which there is none to be found, for each side.
      MOST_EVENTS = 12

      # A corner on its way: between sides a and b, from where it began, mm, and when, mm of shrinking, with what it goes for each mm.
      Corner = Struct.new(:a, :b, :from, :began, :pace) do
        def at(time) = [0, 1].map { |axis| from[axis] + (pace[axis] * (time - began)) }
      end

      # A line of the skeleton between two sides: ends are [x, y, mm that the sides have gone inward].
      Arc = Struct.new(:a, :b, :from, :to) do
        def of?(side) = a == side || b == side
      end

      # @param ring [Array<Array(Float, Float)>] corners, counter-clockwise, without one twice; no side crosses another
      def initialize(ring)
        @ring = ring.map { |point| point.map(&:to_f) }
        @along = @ring.each_index.map { |side| unit(@ring[side], @ring[(side + 1) % @ring.size]) }
        @inward = @along.map { |x, y| [-y, x] }
        @level = @ring.zip(@inward).map { |point, normal| dot(point, normal) }
        @arcs = []
      end

      # @return [Array<Array<Array(Float, Float, Float)>>, nil] for each side the plane that rises from it: corners [x, y, mm from it],
      #   the side's own two first, counter-clockwise; nil where none could be found
      def faces
        return @faces if defined?(@faces)

        @faces = (shrink && @ring.each_index.map { |side| face(side) }).then { |found| found if found && found.none?(&:nil?) }
      end

      private

      def dot((ax, ay), (bx, by)) = (ax * bx) + (ay * by)
      def cross((ax, ay), (bx, by)) = (ax * by) - (ay * bx)
      def less(a, b) = [a[0] - b[0], a[1] - b[1]]
      def apart(a, b) = Math.hypot(*less(a, b))

      def unit(from, to)
        x, y = less(to, from)
        long = Math.hypot(x, y)
        [x / long, y / long]
      end

      # @return [Boolean] whether all of it has shrunk to nothing
      def shrink
        sides = @ring.each_index.to_a
        loops = [sides.map { |side| corner((side - 1) % sides.size, side, @ring[side], 0.0) }]
        time = 0.0
        (@ring.size * MOST_EVENTS).times do
          loops = loops.flat_map { |one| settled(one, time) }
          return true if loops.empty?

          at, one, event = loops.filter_map { |each| earliest(each, time) }.min_by(&:first)
          return false unless at

          time = [at, time].max
          loops = loops.reject { |other| other.equal?(one) } + after(one, event, time)
        end
        false
      end

      # No pace where its sides run against each other: it is on its ridge.
      def corner(a, b, point, time)
        turn = cross(@inward[a], @inward[b])
        Corner.new(a, b, point, time, turn.abs > EPS ? meeting(a, b, turn) : beside(a, b))
      end

      def meeting(a, b, turn) = [(@inward[b][1] - @inward[a][1]) / turn, (@inward[a][0] - @inward[b][0]) / turn]
      def beside(a, b) = (@inward[a] if dot(@inward[a], @inward[b]).positive?)

      # Two sides left are a ridge; where two neighbours run against each other they are one up to the nearer of their other ends.
      def settled(one, time)
        loop do
          return finished(one, time) if one.size <= 2

          at = one.index { |corner| corner.pace.nil? } or return [one]
          one = closed(one, at, time)
        end
      end

      def finished(one, time)
        ends = one.map { |corner| corner.pace ? died(corner, time) : [*corner.from, time] }
        arc(one.first.a, one.first.b, *ends) if one.size == 2
        []
      end

      def closed(one, at, time)
        corner, before, behind = one[at], one[at - 1], one[(at + 1) % one.size]
        near = [before, behind].min_by { |other| other.pace ? apart(other.at(time), corner.from) : Float::INFINITY }
        there = near.pace ? died(near, time) : [*near.from, time]
        arc(corner.a, corner.b, [*corner.from, time], there)
        a, b = near.equal?(before) ? [before.a, corner.b] : [corner.a, behind.b]
        made = corner(a, b, there.first(2), time)
        one.filter_map { |other| other.equal?(near) ? nil : (other.equal?(corner) ? made : other) }
      end

      # Where a corner ends: its way is a line of the skeleton.
      def died(corner, time)
        [*corner.at(time), time].tap { |there| arc(corner.a, corner.b, [*corner.from, corner.began], there) }
      end

      def arc(a, b, from, to) = (@arcs << Arc.new(a, b, from, to) if apart(from, to) > EPS * 10)

      # @return [Array(Float, Array, Array), nil] when, in which loop, and what happens: [:edge, corner] or [:split, corner, corner before
      #   the side that it reaches]
      def earliest(one, time)
        events = one.each_index.flat_map { |at| [shrunk(one, at, time), *reached(one, at, time)] }.compact
        first = events.map(&:first).min or return
        # A side that is gone at the same time is gone first.
        at, what = events.select { |when_at, _| when_at <= first + EPS }.min_by { |_, (kind, *)| kind == :edge ? 0 : 1 }
        [at, one, what]
      end

      # When the side behind a corner has shrunk to nothing.
      def shrunk(one, at, time)
        corner, behind = one[at], one[(at + 1) % one.size]
        way = @along[corner.b]
        long = dot(less(behind.at(time), corner.at(time)), way)
        pace = dot(less(behind.pace, corner.pace), way)
        return if pace > -EPS

        [time + [long / -pace, 0.0].max, [:edge, at]]
      end

      # When a corner that points inward reaches a side across.
      def reached(one, at, time)
        corner = one[at]
        return [] if cross(@along[corner.a], @along[corner.b]) > -EPS

        one.each_index.filter_map do |other|
          side = one[other].b
          next if side == corner.a || side == corner.b

          split(one, corner, at, other, side, time)
        end
      end

      def split(one, corner, at, other, side, time)
        left = dot(corner.at(time), @inward[side]) - @level[side] - time
        pace = dot(corner.pace, @inward[side]) - 1
        return if left < -EPS || pace > -EPS

        hit = time + (left / -pace)
        from, to = one[other], one[(other + 1) % one.size]
        place = dot(corner.at(hit), @along[side])
        between = dot(from.at(hit), @along[side]) - EPS <= place && place <= dot(to.at(hit), @along[side]) + EPS
        [hit, [:split, at, other]] if between
      end

      def after(one, (kind, at, other), time)
        return gone(one, at, time) if kind == :edge

        corner = one[at]
        there = died(corner, time).first(2)
        side = one[other].b
        [[corner(side, corner.b, there, time), *round(one, at + 1, other)],
[corner(corner.a, side, there, time), *round(one, other + 1, at - 1)]]
      end

      # Corners of a loop from one to another, round its end.
      def round(one, from, to)
        count = ((to - from) % one.size) + 1
        Array.new(count) { |step| one[(from + step) % one.size] }
      end

      def gone(one, at, time)
        corner, behind = one[at], one[(at + 1) % one.size]
        there = died(corner, time).first(2)
        died(behind, time)
        made = corner(corner.a, behind.b, there, time)
        [one.filter_map { |other| other.equal?(behind) ? nil : (other.equal?(corner) ? made : other) }]
      end

      # The lines about a side, one after another from its far end back to its near one.
      def face(side)
        near, far = [@ring[side], @ring[(side + 1) % @ring.size]].map { |point| [*point, 0.0] }
        left = @arcs.select { |arc| arc.of?(side) }
        corners = [near, far]
        until apart(corners.last, near) < NEAR
          found = left.find { |arc| [arc.from, arc.to].any? { |point| apart(point, corners.last) < NEAR } } or return
          left.delete_at(left.index { |arc| arc.equal?(found) })
          corners << (apart(found.from, corners.last) < NEAR ? found.to : found.from)
        end
        corners[0..-2]
      end

      # Ends that are the same corner, mm.
      NEAR = 1e-4
    end
  end
end
