# frozen_string_literal: true

module GreenPlinth
  module Colour
    class Matching
      # All sets of so many paints.
      class Sets
        # Ratios whose mixes are known first, by the number of paints: what they come to tells of those near by.
        HUBS = { 1 => [[1]], 2 => [[1, 1], [3, 1], [1, 3]],
                 3 => [[1, 1, 1], [4, 1, 1], [1, 4, 1], [1, 1, 4], [3, 3, 1], [3, 1, 3], [1, 3, 3]] }.freeze

        # members: for each place in the set the indices of its paints; tones: for each channel (X, Y, Z) and place of the paint alone.
        attr_reader :offered, :members, :tones

        # @param offered [Offered]
        # @param size [Integer]
        def initialize(offered, size)
          @offered = offered
          @members = (0...offered.size).to_a.combination(size).to_a.transpose.map { |indices| Numo::Int32[*indices] }
          @tones = members.map { |indices| (0..2).map { |channel| offered.tones[indices, channel].dup } }.transpose
          @hubs = HUBS.fetch(size).map { |ratio| Hub.new(self, ratio) }
        end

        # @return [Integer] of paints in each
        def size = members.size

        # @return [Integer] of sets
        def count = members.first.size

        # @param ratio [Array<Integer>]
        # @return [Hub] the nearest
        def hub(ratio) = @hubs.min_by { |hub| hub.apart(ratio) }

        # @param ratio [Array<Integer>] parts
        # @param number [Integer] that it is known by
        # @return [Candidates] of all sets in this ratio
        def mixes(ratio, number)
          strengths = offered.alike? ? [Numo::DFloat[1.0]] * size : members.map { |indices| offered.strengths[indices] }
          weights = strengths.zip(ratio).map { |strength, parts| strength * parts }
          whole = weights.reduce(:+)
          Candidates.new(self, hub(ratio), nil, weights.map { |weight| weight / whole }, Numo::Int32[number])
        end
      end
    end
  end
end
