# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Work counted against sittings so that what cannot share one is not taken to: each step and each sitting counts for something else
    # than its minutes, in such a way that whatever fits into a sitting counts for no more than it does (dual feasible functions; Fekete
    # and Schepers 2001, "New classes of fast lower bounds for bin packing problems", f_ε and u^(k)).
    class Shares
      # Of large steps so many lengths are looked at, and of those that go so many times and a little into a sitting.
      LARGE = 5
      TIMES = (2..4)

      # @param network [Network] with sittings
      # @return [Array<Shares>] by the plain minutes first
      def self.of(network)
        longest = network.open_lengths.max || 0
        large = network.steps.map(&:hands_on_min).uniq.select { |minutes| minutes * 2 > longest }.sort
        littles = large.each_slice([(large.size / LARGE.to_f).ceil, 1].max).map { |lengths| longest - lengths.first + 1 }
        [new(network, :itself.to_proc, plain: true), *littles.map { |little| without(network, longest, little) },
         *TIMES.map { |times| new(network, whole(longest, times)) }]
      end

      # A step that leaves less than a little of the longest sitting counts as the whole of it, one shorter than that as nothing.
      def self.without(network, longest, little)
        sitting = ->(minutes) { minutes > longest - little ? longest : minutes }
        new(network, ->(minutes) { minutes < little ? 0 : sitting.call(minutes) }, sitting)
      end

      # As many of so many parts of the longest sitting as a step is longer than.
      def self.whole(longest, times)
        lambda do |minutes|
          parts, over = ((times + 1) * minutes).divmod([longest, 1].max)
          over.zero? ? times * minutes : parts * longest
        end
      end
      private_class_method :without, :whole

      # @param step [#call] what minutes of a step count for
      # @param sitting [#call] what those of a sitting count for
      # @param plain [Boolean] whether both are the minutes themselves
      def initialize(network, step, sitting = step, plain: false)
        @hands = network.hands
        @plain = plain
        @step = step
        @opens = network.open.map { |from, _| [from, network.start].max }
        @room = network.open.zip(@opens).map { |(_, to), from| @hands * sitting.call([to - from, 0].max) }
        @before = @room.each_with_object([0]) { |room, sums| sums << (sums.last + room) }
      end

      # @param step [Node]
      # @return [Integer] what it counts for
      def of(step) = @step.call(step.hands_on_min)

      # @return [Integer] what the sittings from one to another, counted with, have room for
      def room(from, to) = @before[to + 1] - @before[from]

      # When work that begins in a sitting at the soonest is finished.
      # @param index [Integer] of the sitting
      # @param work [Integer] what it counts for
      # @param least [Integer] minutes of the shortest step in it
      # @return [Integer, nil] minute; FOREVER where the sittings have no room for it; nil where it counts for nothing
      def finished(index, work, least)
        return if work.zero?
        return FOREVER if index >= @room.size

        last = (@before.bsearch_index { |sum| sum >= @before[index] + work } or return FOREVER) - 1
        over = @plain ? (work - room(index, last - 1)) / @hands : 0
        @opens[last] + [over, least].max
      end

      # Later than any plan.
      FOREVER = Network::FOREVER
    end
  end
end
