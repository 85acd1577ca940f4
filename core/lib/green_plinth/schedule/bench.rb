# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # The free time of one or more pairs of hands: sittings, less what is taken. Minutes.
    class Bench
      FOREVER = 1 << 50

      # @param sittings [Array<Array(Integer, Integer)>, nil] in order, apart from each other
      def initialize(start, sittings, hands)
        @sittings = sittings || [[start, FOREVER]]
        @ends = @sittings.map(&:last)
        @opened = [0]
        @sittings.each { |from, to| @opened << (@opened.last + to - from) }
        @taken = Array.new(hands) { [] }
      end

      # @return [Integer] minutes of the longest sitting
      def longest = @sittings.map { |from, to| to - from }.max || 0

      # The earliest free start for work of some length.
      # @return [Array(Integer, Integer), nil] start and hand; nil when no sitting is left
      def earliest(from, minutes)
        return [from, nil] if minutes.zero?

        @taken.each_index.filter_map { |hand| at = fit(@taken[hand], from, minutes) and [at, hand] }.min
      end

      # The same on an empty bench.
      # @return [Integer, nil]
      def earliest_alone(from, minutes) = minutes.zero? ? from : fit([], from, minutes)

      # The latest start that ends by a time, on an empty bench.
      # @return [Integer, nil]
      def latest_alone(by, minutes)
        return by if minutes.zero?

        at = @ends.bsearch_index { |to| to >= by } || @ends.size - 1
        at.downto(0) do |index|
          from, to = @sittings[index]
          start = [to, by].min - minutes
          return start if start >= from
        end
        nil
      end

      # The time by which so many minutes have been open since another.
      # @return [Integer, nil]
      def after_open(from, minutes)
        index = @ends.bsearch_index { |to| to > from } or return
        opened = @opened[index] + [from - @sittings[index][0], 0].max + minutes
        last = (@opened.bsearch_index { |sum| sum >= opened } or return) - 1
        last = index if last < index
        @sittings[last][0] + opened - @opened[last]
      end

      def take(hand, start, minutes)
        return if hand.nil?

        spans = @taken[hand]
        spans.insert(spans.bsearch_index { |span| span[0] > start } || spans.size, [start, start + minutes])
      end

      def free(hand, start)
        return if hand.nil?

        spans = @taken[hand]
        at = spans.bsearch_index { |span| span[0] >= start }
        spans.delete_at(at) if at && spans[at][0] == start
      end

      private

      def fit(spans, from, minutes)
        index = @ends.bsearch_index { |to| to > from } or return
        while index < @sittings.size
          opens, closes = @sittings[index]
          at = gap(spans, from > opens ? from : opens, minutes, closes)
          return at if at

          index += 1
        end
      end

      def gap(spans, at, minutes, closes)
        next_span = spans.bsearch_index { |span| span[1] > at } || spans.size
        while at + minutes <= closes
          span = spans[next_span]
          return at if span.nil? || span[0] >= at + minutes

          at = span[1]
          next_span += 1
        end
      end
    end
  end
end
