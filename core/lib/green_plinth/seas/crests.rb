# frozen_string_literal: true

module GreenPlinth
  module Seas
    # The surface of a short-crested sea: two equal trains of waves that cross (superposed, as small waves are), so that crests are short
    # and lie staggered: z = H/2 · cos(a) · cos(b), with a along the way that the sea runs and b across it.
    class Crests
      # Each train comes so far aside from the wind (from memory): crests come out some three wavelengths apart along themselves.
      ASIDE_DEG = 20.0
      # What is white of a crest is so much of the surface (from memory).
      SHARE = 0.08
      # The level of cos(a)·cos(b) that so much of the surface lies above, found once by halving.
      LEVEL = begin
        steps = (0...200).map { |i| Math.cos(2 * Math::PI * (i + 0.5) / 200) }
        products = steps.flat_map { |a| steps.map { |b| a * b } }.sort
        products[(products.size * (1 - SHARE)).round]
      end
      # Corners of half a crest.
      CORNERS = 12

      attr_reader :height_mm, :length_mm, :from_deg

      # @param height_mm [Float] from trough to crest
      # @param length_mm [Float] from crest to crest, along the way the sea runs
      # @param from_deg [Float] where it comes from, counter-clockwise from the plan's right
      def initialize(height_mm, length_mm, from_deg)
        @height_mm = height_mm
        @length_mm = length_mm
        @from_deg = from_deg
        turn = from_deg * Math::PI / 180
        @along = [-Math.cos(turn), -Math.sin(turn)]
      end

      # @return [Float] mm between crests side by side
      def width_mm = length_mm / Math.tan(ASIDE_DEG * Math::PI / 180)

      # @return [Float] mm above the still level at a point of the plan
      def height_at(x, y)
        a, b = phases(x, y)
        height_mm / 2 * Math.cos(a) * Math.cos(b)
      end

      # @param xs [Numo::DFloat] mm on the plan, of any shape
      # @param ys [Numo::DFloat] mm, of the same
      # @return [Numo::DFloat] mm above the still level, of the same
      def heights(xs, ys)
        along, across = along_across(xs, ys)
        Numo::NMath.cos(along * (2 * Math::PI / length_mm)) * Numo::NMath.cos(across * (2 * Math::PI / width_mm)) * (height_mm / 2)
      end

      # @return [Boolean] whether a point lies on a crest
      def crest?(x, y) = phases(x, y).map { |phase| Math.cos(phase) }.reduce(:*) > LEVEL

      # @param box [Array(Float, Float, Float, Float)] of the plan, mm
      # @return [Array<Array<Array(Float, Float)>>] closed rings of the crests that meet it
      def rings(box)
        reach = Math.hypot(box[2] - box[0], box[3] - box[1]) / 2
        middle = [(box[0] + box[2]) / 2, (box[1] + box[3]) / 2]
        s0, t0 = along_across(*middle)
        half = [((reach / length_mm).ceil + 1) * 2, ((reach / width_mm).ceil + 1) * 2]
        start = [(2 * s0 / length_mm).round, (2 * t0 / width_mm).round]
        lattice(start, half).map { |m, n| ring(m * length_mm / 2, n * width_mm / 2) }
      end

      private

      # Both half-waves up, or both down: every second place.
      def lattice(start, half)
        (-half[0]..half[0]).flat_map { |i| (-half[1]..half[1]).map { |j| [start[0] + i, start[1] + j] } }.select { |m, n| (m + n).even? }
      end

      def along_across(x, y) = [(x * @along[0]) + (y * @along[1]), (-x * @along[1]) + (y * @along[0])]

      def phases(x, y)
        s, t = along_across(x, y)
        [2 * Math::PI * s / length_mm, 2 * Math::PI * t / width_mm]
      end

      # Where cos(a)·cos(b) passes the level, round one crest.
      def ring(s0, t0)
        most = Math.acos(LEVEL)
        # Closer together towards the ends, where the ring is round.
        across = (0..CORNERS).map { |i| -most * Math.cos(Math::PI * i / CORNERS) }
        front = across.map { |b| [Math.acos([LEVEL / Math.cos(b), 1.0].min), b] }
        points = front + front.reverse.map { |a, b| [-a, b] }[1..-2]
        closed = points.map { |a, b| placed(s0 + (a * length_mm / (2 * Math::PI)), t0 + (b * width_mm / (2 * Math::PI))) }
        closed << closed.first
      end

      def placed(along, across) = [(along * @along[0]) - (across * @along[1]), (along * @along[1]) + (across * @along[0])]
    end
  end
end
