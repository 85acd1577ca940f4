# frozen_string_literal: true

module GreenPlinth
  module Colour
    class Matching
      # All sets of so many paints, and what equal shares of each come to. X, Y and Z of a mix are convex in its shares: the plane
      # that touches them at equal shares lies under all mixes of the set, and the planes from there to its paints lie over them.
      class Sets
        # members: for each place in the set the indices of its paints. For each channel (X, Y, Z) a number for each set: middle,
        # of equal shares; tilt, for each place, how it changes with the share there; tones, for each place, of the paint alone.
        attr_reader :offered, :members, :middle, :tilt, :tones

        # @param offered [Offered]
        # @param size [Integer]
        def initialize(offered, size)
          @offered = offered
          @members = (0...offered.size).to_a.combination(size).to_a.transpose.map { |indices| Numo::Int32[*indices] }
          @tones = members.map { |indices| channels(offered.tones[indices, true]) }.transpose
          touch
        end

        # @return [Integer] of paints in each
        def size = members.size

        # @return [Integer] of sets
        def count = members.first.size

        # @param ratio [Array<Integer>] parts
        # @param number [Integer] that it is known by
        # @return [Candidates] of all sets in this ratio
        def mixes(ratio, number)
          strengths = offered.alike? ? [Numo::DFloat[1.0]] * size : members.map { |indices| offered.strengths[indices] }
          weights = strengths.zip(ratio).map { |strength, parts| strength * parts }
          whole = weights.reduce(:+)
          Candidates.new(self, nil, weights.map { |weight| weight / whole }, Numo::Int32[number])
        end

        private

        # ∂R/∂(K/S) is 1 − (1 + K/S) ÷ √((K/S)² + 2 K/S).
        def touch
          absorption = members.map { |indices| offered.absorptions[indices, true] }.reduce(:+) / size
          root = Numo::NMath.sqrt((absorption * (absorption + 2)) + 1e-12)
          rests = members.map { |indices| channels(offered.rests[indices, true]) }
          @middle = summed(absorption + 1 - root, rests.transpose.map { |each| each.reduce(:+) / size })
          steep = 1 - ((absorption + 1) / root)
          @tilt = members.zip(rests).map { |indices, rest| summed(steep * offered.absorptions[indices, true], rest) }.transpose
        end

        def summed(bands, rests) = Candidates.summed(bands).zip(rests).map { |sum, rest| sum + rest }
        def channels(table) = (0..2).map { |channel| table[true, channel].dup }
      end
    end
  end
end
