# frozen_string_literal: true

module GreenPlinth
  module Colour
    class Matching
      # One ratio of shares whose mixes are known for all sets. X, Y and Z of a mix are convex in its shares: the plane that touches
      # them here lies under all mixes of the set, and the planes from here to its paints lie over them. Both are close for mixes near
      # by.
      #   shares: of each place in the set, in all 1; for each channel (X, Y, Z) a number for each set: middle, of this mix; tilt, for
      #   each place, how it changes with the share there
      class Hub
        attr_reader :shares, :middle, :tilt

        # @param sets [Sets]
        # @param ratio [Array<Integer>] parts
        def initialize(sets, ratio)
          @shares = ratio.map { |parts| parts / ratio.sum.to_f }
          offered = sets.offered
          absorption = weighed(sets, offered.absorptions)
          rests = weighed(sets, offered.rests)
          # ∂R/∂(K/S) is 1 − (1 + K/S) ÷ √((K/S)² + 2 K/S).
          root = Numo::NMath.sqrt((absorption * (absorption + 2)) + 1e-12)
          @middle = Candidates.summed(absorption + 1 - root).each_with_index.map { |sum, channel| sum + rests[true, channel] }
          steep = 1 - ((absorption + 1) / root)
          @tilt = sets.members.map { |indices| tilted(steep * offered.absorptions[indices, true], offered.rests[indices, true]) }.transpose
        end

        # @param ratio [Array<Integer>]
        # @return [Float] how far off it is, in shares
        def apart(ratio) = ratio.zip(shares).sum { |parts, share| ((parts / ratio.sum.to_f) - share).abs }

        private

        def weighed(sets, table) = sets.members.zip(shares).map { |indices, share| table[indices, true] * share }.reduce(:+)
        def tilted(bands, rest) = Candidates.summed(bands).each_with_index.map { |sum, channel| sum + rest[true, channel] }
      end
    end
  end
end
