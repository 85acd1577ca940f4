# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Places steps one by one in a given order of urgency, each as early as its waits and the bench allow. Where a
    # follower comes too late for its window, the first is taken off, with all that hangs on it, and laid later; the
    # follower then goes before whatever took its place.
    class Placement
      # Times a step may be laid again for each step there is, before the windows count as not to be met.
      RETRIES = 60

      # @param network [Network]
      # @param urgency [Hash{String => Numeric}] greater goes first
      # @param promote [Boolean] whether a step that missed its window goes before what took its place; mostly that
      #   helps, but two that promote each other by turns chase each other for ever
      def initialize(network, heads, urgency, promote: true)
        @promote = promote
        @network = network
        @heads = heads
        @urgency = urgency.dup
        @most_urgent = (urgency.values.max || 0) + 1
        @bench = Bench.new(network.start, network.sittings, network.hands)
        @following = Hash.new { |hash, id| hash[id] = [] }
        network.steps.each { |step| step.after.each { |link| @following[link.step] << step } }
      end

      # @return [Hash{String => Integer}] start of each step; raises Infeasible
      def call
        @starts = {}
        @hands = {}
        @release = @heads.dup
        @retries = RETRIES * [@network.steps.size, 10].max
        @left = @network.steps.to_h { |step| [step.id, step.after.size] }
        @ready = Heap.new(@urgency)
        @network.steps.each { |step| @ready.push(step) if step.after.empty? }
        while (step = @ready.pop)
          place(step)
        end
        @starts
      end

      private

      def place(step)
        from = step.after.reduce(@release[step.id]) do |least, link|
          finish = @starts[link.step] + @network.by_id[link.step].hands_on_min + link.at_least_min
          finish > least ? finish : least
        end
        start, hand = @bench.earliest(from, step.hands_on_min) || raise(none_left(step))
        late = too_late(step, start)
        late ? lay_again(step, start, late) : settle(step, start, hand)
      end

      def settle(step, start, hand)
        @bench.take(hand, start, step.hands_on_min)
        @starts[step.id] = start
        @hands[step.id] = hand
        @following[step.id].each { |later| @ready.push(later) if (@left[later.id] -= 1).zero? }
      end

      # @return [Link, nil] the window most overrun
      def too_late(step, start)
        step.after.select(&:at_most_min).select { |link| start > finish(link.step) + link.at_most_min }
          .max_by { |link| start - finish(link.step) - link.at_most_min }
      end

      def finish(id) = @starts[id] + @network.by_id[id].hands_on_min

      def lay_again(step, start, link)
        raise unmet(step, link) if (@retries -= 1).negative?

        # Each miss makes it more urgent than all that missed before.
        @urgency[step.id] = (@most_urgent += 1) if @promote
        first = @network.by_id[link.step]
        @release[first.id] = [@release[first.id] + 1, start - link.at_most_min - first.hands_on_min].max
        lift(first)
        @ready.push(first)
      end

      # Takes a step off, and what follows it. What then waits for something again leaves the ready ones.
      def lift(step)
        @bench.free(@hands[step.id], @starts.delete(step.id))
        @following[step.id].each do |later|
          @left[later.id] += 1
          @ready.drop(later)
          lift(later) if @starts.key?(later.id)
        end
      end

      def none_left(step)
        Infeasible.new("No sitting is left for #{step.id}.", steps: [step.id])
      end

      def unmet(step, link)
        Infeasible.new("No sittings were found in which #{step.id} begins at most #{Moment.span(link.at_most_min)} after #{link.step}.",
          steps: [link.step, step.id])
      end
    end
  end
end
