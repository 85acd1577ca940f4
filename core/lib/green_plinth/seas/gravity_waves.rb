# frozen_string_literal: true

module GreenPlinth
  module Seas
    # Waves of small height under gravity. Source: Airy 1845, as in Lamb, Hydrodynamics (1932), §§ 228–229: ω² = gk tanh(kh), which is
    # ω² = gk where it is deep.
    module GravityWaves
      # Standard gravity, m/s². Source: 3rd CGPM, 1901.
      G = 9.80665
      # Metres in an hour's nautical mile, a second: one knot, m/s. Source: ISO 80000-3.
      KNOT = 1852.0 / 3600
      # The steepest that a wave in deep water can be, height over length. Source: Michell, Phil. Mag. 36 (1893): 0.142.
      BREAKS_AT = 0.142

      module_function

      # @param length_m [Float]
      # @param depth_m [Float, nil] nil: deep
      # @return [Float] seconds
      def period(length_m, depth_m = nil)
        k = 2 * Math::PI / length_m
        2 * Math::PI / Math.sqrt(G * k * (depth_m ? Math.tanh(k * depth_m) : 1.0))
      end

      # The waves that keep up with a hull: their crests go as fast as it does.
      # @param speed [Float] m/s
      # @param depth_m [Float, nil] nil: deep
      # @return [Float, nil] m; nil where nothing that long goes as fast as that
      def length_at(speed, depth_m = nil)
        deep = 2 * Math::PI * speed**2 / G
        return deep unless depth_m
        return if speed**2 >= G * depth_m

        # v² = (gλ/2π) tanh(2πh/λ) falls short of gλ/2π: λ lies above the deep one. Halved until it is found.
        low, high = deep, deep
        high *= 2 while speed_of(high, depth_m) < speed
        60.times { (middle = (low + high) / 2) && (speed_of(middle, depth_m) < speed ? low = middle : high = middle) }
        (low + high) / 2
      end

      # @return [Float] m/s of a crest
      def speed_of(length_m, depth_m = nil) = length_m / period(length_m, depth_m)
    end
  end
end
