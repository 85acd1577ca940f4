# frozen_string_literal: true

module GreenPlinth
  module Colour
    class Matching
      # Candidates of sets of paints: between which X, Y and Z each of them lies, and which they are.
      class Candidates
        ROWS = Observer::ROWS.map { |row| Numo::DFloat[*row].freeze }.freeze
        private_constant :ROWS

        # @param bands [Numo::DFloat] mixes × bands
        # @return [Array<Numo::DFloat>] X, Y and Z of each
        def self.summed(bands) = ROWS.map { |row| bands.mulsum(row, 1) }

        # @param several [Array<Candidates>] of the same sets and hub
        # @return [Candidates] all of them
        def self.joined(several)
          return several.first if several.size == 1

          joined = ->(lists) { lists.first.concatenate(*lists.drop(1)) }
          new(several.first.sets, several.first.hub, joined[several.map(&:rows)], several.map(&:shares).transpose.map(&joined),
            joined[several.map(&:ratios)])
        end

        attr_reader :sets, :hub, :rows, :shares, :ratios

        # @param sets [Sets]
        # @param hub [Hub] what they are bounded by
        # @param rows [Numo::Int32, nil] which set each is of; nil: one of each
        # @param shares [Array<Numo::DFloat>] for each place in the set the share of each mix, or one for all
        # @param ratios [Numo::Int32] for each mix a column of parts, one for each place
        def initialize(sets, hub, rows, shares, ratios)
          @sets = sets
          @hub = hub
          @rows = rows
          @shares = shares
          @ratios = ratios
        end

        def count = rows ? rows.size : sets.count

        # @return [Numo::Int32] all of its mixes
        def all = Numo::Int32.new(count).seq

        # @param at [Numo::Int32] of its mixes
        # @return [Candidates] those alone
        def picked(at)
          each = ->(vector, type) { vector.size > 1 ? vector[at] : type.zeros(at.size) + vector }
          Candidates.new(sets, hub, rows ? rows[at] : at, shares.map { |share| each[share, Numo::DFloat] }, each[ratios, Numo::Int32])
        end

        # @param channel [Integer] 0 X, 1 Y, 2 Z
        # @return [Array(Numo::DFloat, Numo::DFloat)] at least, at most
        def bounds(channel)
          middle = of(hub.middle[channel])
          # As much of the hub as the part that there is least of leaves.
          most = shares.zip(hub.shares).map { |share, own| share / own }.reduce { |one, other| Numo::DFloat.minimum(one, other) }
          places = hub.tilt[channel].zip(sets.tones[channel], shares, hub.shares)
          [places.reduce(middle) { |sum, (tilt, _, share, own)| sum + (of(tilt) * (share - own)) },
           places.reduce(middle * most) { |sum, (_, tone, share, own)| sum + (of(tone) * (share - (most * own))) }]
        end

        # @return [Array<Numo::DFloat>] X, Y and Z of each
        def xyz
          k = mixed(sets.offered.absorptions)
          rests = mixed(sets.offered.rests)
          Candidates.summed(k + 1 - Numo::NMath.sqrt(k * (k + 2))).each_with_index.map { |sum, channel| sum + rests[true, channel] }
        end

        # @param index [Integer]
        # @return [Array(Array<Integer>, Integer)] the paints that it is of, and the number of its ratio
        def told(index)
          set = rows ? rows[index] : index
          [sets.members.map { |indices| indices[set] }, ratios[ratios.size > 1 ? index : 0]]
        end

        private

        def of(vector) = rows ? vector[rows] : vector

        def mixed(table)
          sets.members.zip(shares).map { |indices, share| table[of(indices), true] * share.reshape(share.size, 1) }.reduce(:+)
        end
      end
    end
  end
end
