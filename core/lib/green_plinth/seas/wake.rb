# frozen_string_literal: true

module GreenPlinth
  module Seas
    # The waves that a hull under way draws after it. Source: Kelvin, On ship waves (1887); the crests as in Lamb, Hydrodynamics (1932),
    # § 256: x = (φ/k)·cosθ·(1 + sin²θ), y = (φ/k)·cos²θ·sinθ aft and aside of where they are raised, with k = g/v²; arms at asin(1/3)
    # where it is deep. Where it is shallow the arms open as Havelock has it (Proc. R. Soc. A 81, 1908).
    class Wake
      # Transverse crests meet diverging ones at the arms, where sin²θ = 1/3.
      CUSP = Math.asin(Math.sqrt(1 / 3.0))
      # Diverging crests are drawn as far in as this, of a right angle: nearer to the hull they are too short to be seen (from memory).
      INMOST = 0.8
      # Points along a crest on one side.
      POINTS = 8
      # Beyond so many no crest is drawn.
      MOST_CRESTS = 60

      # One line to mark. system: "bow" or "stern"; kind: "arm", "transverse" or "diverging"; points: mm of the plan.
      Stroke = Struct.new(:system, :kind, :points, keyword_init: true)

      # @param hull [Design::Subject] whose bow points to the right of its own outline, before it is turned
      # @param scale [Float] 1:scale
      # @param depth_m [Float, nil] of the sea in life; nil: deep
      def initialize(hull, scale, depth_m = nil)
        @hull = hull
        @scale = scale
        @depth_m = depth_m
      end

      # @return [Float] m/s in life
      def speed = @hull.speed_knots * GravityWaves::KNOT

      # @return [Float] mm from stem to stern at the waterline
      def hull_mm = @hull.footprint_size.first

      # @return [Float] speed over that of the longest waves that such a depth lets go; 0 where it is deep
      def depth_froude = @depth_m ? speed / Math.sqrt(GravityWaves::G * @depth_m) : 0.0

      # @return [Float, nil] mm from one transverse crest to the next; nil where none keeps up
      def length_mm = GravityWaves.length_at(speed, @depth_m)&.then { |m| m * 1000 / @scale }

      # @return [Float] radians between an arm and the way the hull goes
      def half_angle
        return Math.asin(1 / depth_froude) if depth_froude >= 1

        opened(shallowness)
      end

      # @return [Float] degrees
      def half_angle_deg = half_angle * 180 / Math::PI

      # @return [Float] mm that an arm goes aside on 100 mm aft
      def out_per_100 = 100 * Math.tan(half_angle)

      # @param reach_mm [Float] so far aft lines are drawn
      # @return [Array<Stroke>]
      def lines(reach_mm)
        { "bow" => hull_mm / 2, "stern" => -hull_mm / 2 }.flat_map do |system, from|
          arms(system, from, reach_mm) + crests(system, from, reach_mm)
        end
      end

      private

      # n = 2kh / sinh(2kh): 0 where it is deep, 1 where it is as shallow as can be.
      def shallowness
        return 0.0 unless @depth_m

        kh = 2 * Math::PI / GravityWaves.length_at(speed, @depth_m) * @depth_m
        kh > 50 ? 0.0 : 2 * kh / Math.sinh(2 * kh)
      end

      def opened(shallow) = Math.acos(Math.sqrt(8 * (1 - shallow)) / (3 - shallow))

      def arms(system, from, reach)
        [1, -1].map { |side| line(system, "arm", [[from, 0.0], [from - reach, side * reach * Math.tan(half_angle)]]) }
      end

      def crests(system, from, reach)
        return [] unless length_mm

        count = [(reach / length_mm).floor, MOST_CRESTS].min
        wide = Math.tan(half_angle) / Math.tan(Math.asin(1 / 3.0))
        (1..count).flat_map { |n| crest(system, from, n * length_mm, wide) }
      end

      # One crest of each kind; where it is shallow as much wider as the arms are.
      def crest(system, from, aft, wide)
        at = lambda do |theta|
          sin, cos = Math.sin(theta), Math.cos(theta)
          [from - (aft * cos * (1 + (sin**2))), aft * wide * (cos**2) * sin]
        end
        across = (-POINTS..POINTS).map { |i| at[CUSP * i / POINTS] }
        inwards = (0..POINTS).map { |i| CUSP + (((INMOST * Math::PI / 2) - CUSP) * i / POINTS) }
        [line(system, "transverse", across), *[1, -1].map { |side| line(system, "diverging", inwards.map { |theta| at[side * theta] }) }]
      end

      def line(system, kind, points)
        Stroke.new(system: system, kind: kind, points: Plan::Outline.place(points, @hull.at_mm, @hull.turn_deg))
      end
    end
  end
end
