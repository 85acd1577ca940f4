# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # The free time of one or more pairs of hands: sittings, less what is taken. Minutes.
    class FreeTime
      # @param network [Network]
      # @param hands [Integer]
      def initialize(network, hands = network.hands)
        @sittings = network.open
        @ends = network.open_ends
        @lengths = network.open_lengths
        @free = Array.new(hands) { @lengths.dup }
        @taken = Array.new(hands) { Hash.new { |hash, index| hash[index] = [] } }
      end

      # @return [Integer] minutes of the longest sitting
      def longest = @lengths.max || 0

      # The earliest free start for work of some length.
      # @param lead [Integer] minutes of the sitting that must lie before it
      # @param stay [Integer] minutes of the sitting that must lie after it
      # @return [Array(Integer, Integer), nil] start and hand; nil when no sitting is left
      def earliest(from, minutes, lead = 0, stay = 0)
        return [from, nil] if minutes.zero?

        best = hand = nil
        @taken.each_index do |index|
          at = fit(index, from, minutes, lead, stay)
          best, hand = at, index if at && (best.nil? || at < best)
        end
        best && [best, hand]
      end

      # The same on an empty bench.
      # @return [Integer, nil]
      def earliest_alone(from, minutes, lead = 0, stay = 0)
        return from if minutes.zero?

        index = @ends.bsearch_index { |to| to > from } or return
        while index < @sittings.size
          opens, closes = @sittings[index]
          at = from > opens + lead ? from : opens + lead
          return at if at + minutes + stay <= closes

          index += 1
        end
      end

      # The latest start that ends by a time, on an empty bench.
      # @return [Integer, nil]
      def latest_alone(by, minutes, lead = 0, stay = 0)
        return by if minutes.zero?

        at = @ends.bsearch_index { |to| to >= by } || @ends.size - 1
        at.downto(0) do |index|
          from, to = @sittings[index]
          start = [to - stay, by].min - minutes
          return start if start >= from + lead
        end
        nil
      end

      # The time by which so many minutes have been open since another.
      # @return [Integer, nil]
      def after_open(from, minutes)
        index = @ends.bsearch_index { |to| to > from } or return
        opened = opened_before[index] + [from - @sittings[index][0], 0].max + minutes
        last = (opened_before.bsearch_index { |sum| sum >= opened } or return) - 1
        last = index if last < index
        @sittings[last][0] + opened - opened_before[last]
      end

      # Keeps hands for work at a time of the maker's own choosing, whether a sitting is open then or not.
      # @return [Integer, nil] the hand; nil where all are taken then
      def reserve(start, minutes)
        hand = @taken.index { |spans| spans.values.all? { |list| list.none? { |from, to| from < start + minutes && start < to } } }
        return unless hand

        sittings_met(start, start + minutes).each { |index| insert(hand, index, start, minutes) }
        hand
      end

      def take(hand, start, minutes)
        insert(hand, @ends.bsearch_index { |to| to > start }, start, minutes) unless hand.nil?
      end

      def free(hand, start)
        return if hand.nil?

        index = @ends.bsearch_index { |to| to > start }
        spans = @taken[hand][index]
        at = spans.bsearch_index { |span| span[0] >= start }
        return unless at && spans[at][0] == start

        @free[hand][index] += spans[at][1] - start
        spans.delete_at(at)
      end

      private

      # Minutes open before each sitting, and after the last.
      def opened_before
        @opened_before ||= @lengths.each_with_object([0]) { |length, sums| sums << (sums.last + length) }
      end

      def sittings_met(from, to)
        @sittings.each_index.select { |index| @sittings[index][0] < to && from < @sittings[index][1] }
      end

      def insert(hand, index, start, minutes)
        spans = @taken[hand][index]
        spans.insert(spans.bsearch_index { |span| span[0] > start } || spans.size, [start, start + minutes])
        @free[hand][index] -= minutes
      end

      # Sittings with too little left are passed over without a look inside.
      def fit(hand, from, minutes, lead, stay)
        index = @ends.bsearch_index { |to| to > from } or return
        free = @free[hand]
        while index < free.size
          if free[index] >= minutes
            opens, closes = @sittings[index]
            opens += lead
            at = gap(@taken[hand].fetch(index, nil), from > opens ? from : opens, minutes, closes - stay)
            return at if at
          end
          index += 1
        end
      end

      def gap(spans, at, minutes, closes)
        next_span = spans ? spans.bsearch_index { |span| span[1] > at } || spans.size : 0
        while at + minutes <= closes
          span = spans && spans[next_span]
          return at if span.nil? || span[0] >= at + minutes

          at = span[1] if span[1] > at
          next_span += 1
        end
      end
    end
  end
end
