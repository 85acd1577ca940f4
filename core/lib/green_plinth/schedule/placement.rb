# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Places steps one by one in a given order of urgency, each as early as its waits and the bench allow. Where a
    # follower comes too late for its window, the first is taken off, with all that hangs on it, and laid later; the
    # follower then goes before whatever took its place. Within, a step is known by its place among the steps.
    class Placement
      # Times a step may be laid again for each step there is, before the windows count as not to be met.
      RETRIES = 60

      # @return [Integer] steps laid so far, again and again included: what a search pays by
      attr_reader :laid

      # @param network [Network]
      # @param heads [Hash{String => Integer}] minute before which each step cannot begin
      # @param urgency [Hash{String => Numeric}] greater goes first
      # @param promote [Boolean] whether a step that missed its window goes before what took its place; mostly that
      #   helps, but two that promote each other by turns chase each other for ever
      def initialize(network, heads, urgency, promote: true)
        @promote = promote
        @network = network
        @steps = network.steps
        @clock = network.clock
        @waits = network.waits
        @followers = network.followers
        @release = heads.values_at(*network.places.keys)
        @urgency = urgency.values_at(*network.places.keys)
        @most_urgent = (@urgency.max || 0) + 1
        @laid = 0
      end

      # @return [Hash{String => Integer}] start of each step; raises Infeasible
      def call
        @free = FreeTime.new(@network)
        @starts = Array.new(@steps.size)
        @finishes = Array.new(@steps.size)
        @hands = Array.new(@steps.size)
        @retries = RETRIES * [@steps.size, 10].max
        reserve_pinned
        @left = @waits.map(&:size)
        @ready = Heap.new(@urgency)
        @left.each_with_index { |left, place| @ready.push(place) if left.zero? }
        while (place = @ready.pop)
          lay(place)
        end
        @steps.each_with_index.to_h { |step, place| [step.id, @starts[place]] }
      end

      private

      def reserve_pinned
        @steps.each_with_index do |step, place|
          next unless step.at && step.hands_on_min.positive?

          @hands[place] = @free.reserve(step.at, step.hands_on_min) or
            raise Infeasible.new("#{step.id} is pinned to #{Moment.words(step.at)}, when the hands are at another pinned step.",
              steps: [step.id])
        end
      end

      def lay(place)
        @laid += 1
        step = @steps[place]
        from = from(place)
        start, hand = step.at ? pinned(step, place, from) : @free.earliest(from, step.hands_on_min, step.lead_min || 0, step.stay_min || 0)
        raise none_left(step) unless start

        late = too_late(place, start)
        late ? lay_again(place, start, late) : settle(place, start, hand)
      end

      # The earliest that all it waits for allows.
      def from(place)
        from = @release[place]
        @waits[place].each do |wait|
          finish = @finishes[wait.first]
          due = @clock ? @clock.later(finish, wait.at_least_min) : finish + wait.at_least_min
          from = due if due > from
        end
        from
      end

      def pinned(step, place, from)
        return [step.at, @hands[place]] if from <= step.at

        raise Infeasible.new("#{step.id} is pinned to #{Moment.words(step.at)}, but what it waits for is not ready before " \
                             "#{Moment.words(from)}.", steps: [step.id])
      end

      def settle(place, start, hand)
        step = @steps[place]
        @free.take(hand, start, step.hands_on_min) unless step.at
        @starts[place] = start
        @finishes[place] = start + step.hands_on_min
        @hands[place] = hand
        @followers[place].each { |later| @ready.push(later) if (@left[later] -= 1).zero? }
      end

      # @return [Wait, nil] the one whose window is most overrun
      def too_late(place, start)
        worst = nil
        most = 0
        @waits[place].each do |wait|
          next unless wait.at_most_min

          over = start - @network.later(@finishes[wait.first], wait.at_most_min)
          worst, most = wait, over if over > most
        end
        worst
      end

      def lay_again(place, start, wait)
        first = wait.first
        raise unmet(@steps[place], wait) if (@retries -= 1).negative? || @steps[first].at

        # Each miss makes it more urgent than all that missed before.
        @urgency[place] = (@most_urgent += 1) if @promote
        @release[first] = [@release[first] + 1, @network.earlier(start, wait.at_most_min) - @steps[first].hands_on_min].max
        lift(first)
        @ready.push(first)
      end

      # Takes a step off, and what follows it. What then waits for something again leaves the ready ones.
      def lift(place)
        @free.free(@hands[place], @starts[place]) unless @steps[place].at
        @starts[place] = nil
        @followers[place].each do |later|
          @left[later] += 1
          @ready.drop(later)
          lift(later) if @starts[later]
        end
      end

      def none_left(step)
        Infeasible.new("No sitting is left for #{step.id}.", steps: [step.id])
      end

      def unmet(step, wait)
        first = @steps[wait.first].id
        Infeasible.new("No sittings were found in which #{step.id} begins at most #{Moment.span(wait.at_most_min)} after #{first}.",
          steps: [first, step.id])
      end
    end
  end
end
