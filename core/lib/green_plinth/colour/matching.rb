# frozen_string_literal: true

module GreenPlinth
  module Colour
    # The mixes of at most three paints and ten parts in all that come nearest to a wanted colour. Every one is looked at, or
    # passed over because a bound says that it is not among the nearest: the answer is exact.
    class Matching
      MOST_PAINTS = 3
      MOST_PARTS = 10
      # So many ratios are looked at together: fewer cost a call for each, more are looked at before it is known what to beat.
      TOGETHER = 8

      # One answer. parts: [index of the paint, parts] in the order of the paints; colour "#rrggbb"; difference ΔE00.
      Nearest = Struct.new(:parts, :colour, :difference) do
        # @return [Array] the nearer first; of those that look the same the one of fewer paints and parts
        def rank = [difference.round(6), parts.size, parts.sum(&:last), parts]
      end

      # @param wanted [String] "#rrggbb"
      # @param paints [Array<PaintMix::Paint>] their shares count for nothing
      # @param most_parts [Integer]
      def initialize(wanted, paints, most_parts: MOST_PARTS)
        @wanted = Lab.of(wanted)
        @paints = paints
        @most_parts = most_parts
      end

      # @param count [Integer]
      # @return [Array<Nearest>] the nearest first
      def nearest(count = 5)
        @count = count
        @found = []
        offered = Offered.new(@paints)
        @ratios = (1..MOST_PAINTS).flat_map { |size| ratios(size) }
        (1..[MOST_PAINTS, @paints.size].min).each { |size| search(Sets.new(offered, size)) }
        @found
      end

      private

      # Those that the same hub tells of are looked at together.
      def search(sets)
        numbered = @ratios.each_with_index.select { |ratio, _| ratio.size == sets.size }
        numbered.group_by { |ratio, _| sets.hub(ratio) }.each_value { |near| near.each_slice(TOGETHER) { |some| look_at(sets, some) } }
      end

      def look_at(sets, ratios)
        waiting = []
        ratios.each do |ratio, number|
          mixes = sets.mixes(ratio, number)
          mixes = mixes.picked(limit ? Nearness.new(@wanted, limit).bright(mixes) : mixes.all)
          waiting << mixes if mixes.count.positive?
        end
        take(Candidates.joined(waiting)) if waiting.any?
      end

      def take(mixes)
        near = Nearness.new(@wanted, limit)
        mixes = mixes.picked(near.coloured(mixes)) if limit
        return if mixes.count.zero?

        tones = mixes.xyz
        more = near.exactly(tones).first(@count).map do |at, difference|
          paints, ratio = mixes.told(at)
          Nearest.new(paints.zip(@ratios[ratio]), Light.hex(tones.map { |channel| channel[at] }), difference)
        end
        @found = (@found + more).sort_by(&:rank).first(@count)
      end

      # @return [Float, nil] what another one has to be as near as; nil: any is welcome
      def limit = @found.size < @count ? nil : @found.last.difference

      # Ways to share out the parts: 2:2 is 1:1, and told once. Equal parts first: they lie in the middle, and what they come to
      # passes the most of the others over.
      def ratios(size)
        shared(size, @most_parts).select { |parts| parts.reduce(:gcd) == 1 }.sort_by { |parts| [parts.max - parts.min, parts] }
      end

      def shared(size, most)
        return (1..most).map { |parts| [parts] } if size == 1

        (1..(most - size + 1)).flat_map { |parts| shared(size - 1, most - parts).map { |others| [parts, *others] } }
      end
    end
  end
end
