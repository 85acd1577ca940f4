# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Ready soonest: a constructive pass by what must still follow each step, then seeded tries that shake the order, each
    # pulled tight from both ends, keeping what is better. Stops early when the lower bound is met. A thorough search of a
    # small network ends with a solver, which betters it or proves it.
    class Scheduler
      # Steps that a search may lay, again and again included, before it answers with the best it has.
      EFFORT = { quick: 2_500, thorough: 400_000 }.freeze
      # The same for long networks: there each step laid looks through as many others.
      EFFORT_BY_STEPS = 16_000_000
      # Tries at the least and at the most, however many steps there are.
      TRIES = { quick: 2..24, thorough: 2..3000 }.freeze
      # Tries that may lead nowhere before the network counts as one that no schedule fits.
      FAILURES = 40
      # Tries before what is found is looked at: whether it is proven to be the best, and whether a solver does better.
      FIRST_TRIES = { quick: 4, thorough: 60 }.freeze
      # Networks of more steps take too long to prove anything of within an edit.
      MOST_PROVEN_STEPS = 60
      # How far a try shakes the urgencies, as shares of the longest, in turn: from a nudge to an order of its own.
      SHAKES = [0.03, 0.1, 0.3, 1.0].freeze

      # @param network [Network]
      # @param effort [Symbol] :quick within an edit, :thorough when asked for a schedule alone
      # @param seed [Integer] the same seed gives the same schedule
      # @param seconds [Numeric] that the solver may take
      # @param progress [#call, nil] told how many percent of the effort are spent, of 100
      def initialize(network, effort: :thorough, seed: 1, seconds: Optimum::SECONDS, progress: nil)
        @network = network
        @effort = effort
        @random = Random.new(seed)
        @seconds = seconds
        @progress = progress
      end

      # @return [Answer]; raises Infeasible
      def call
        @bounds = Bounds.new(@network)
        return Answer.new(@network, {}, @network.start) if @network.steps.empty?

        @least = @bounds.ready
        begin_search
        search(FIRST_TRIES.fetch(@effort))
        @effort == :thorough ? look_closer : prove
        search(TRIES.fetch(@effort).max)
        prove
        raise @failed unless @best

        Answer.new(@network, @best, @least)
      end

      private

      def begin_search
        @justification = Justification.new(@network, @bounds.heads)
        @spent = @failures = @tries = 0
        own, late = constructive
        @urgency = own
        @first = [known, own, late].compact
      end

      # By what is known of a plan that was good; a step that it does not know goes as early as it can.
      def known
        starts = @network.known or return
        @network.steps.to_h { |step| [step.id, -(starts[step.id] || @bounds.heads[step.id])] }
      end

      # Goes on from where it stopped, up to so many tries in all.
      def search(most)
        until met? || @impossible || @tries >= most || enough? || @failures > FAILURES
          @tries += 1
          keep(@first.shift || shaken, promote: @tries.odd?) or (@best or @failures += 1)
          @progress&.call([100 * laid / most_laid, 100 * @tries / TRIES.fetch(@effort).max].max.clamp(0, 100), 100)
        end
      end

      def enough? = @tries >= TRIES.fetch(@effort).min && laid >= most_laid
      def laid = @spent + @justification.laid
      def most_laid = [EFFORT.fetch(@effort), EFFORT_BY_STEPS / @network.steps.size].min

      def met? = @best && ready(@best) <= @least

      # The longest way to the end first; and the same, less how early each could be. What a pinned step waits for goes first.
      def constructive
        own = @network.steps.to_h { |step| [step.id, @bounds.tails[step.id] + step.hands_on_min] }
        pinned = before_pinned
        own = own.to_h { |id, value| [id, pinned.include?(id) ? value + own.values.sum : value] }
        [own, own.to_h { |id, tail| [id, tail - @bounds.heads[id]] }]
      end

      def before_pinned
        waiting = @network.steps.select(&:at)
        waiting.each_with_object({}) do |step, found|
          step.after.each do |wait|
            next if found[wait.first]

            found[wait.first] = true
            waiting << @network.by_id[wait.first]
          end
        end
      end

      # @return [Boolean] whether the try came to a schedule at all
      def keep(urgency, promote:)
        placement = Placement.new(@network, @bounds.heads, urgency, promote: promote)
        found = @justification.call(placement.call)
        return true if @best && ready(found) > ready(@best)

        @best = found
        @urgency = found.transform_values(&:-@)
        true
      rescue Infeasible => e
        @failed = e
        false
      ensure
        @spent += placement.laid if placement
      end

      def ready(starts) = @network.ready(starts)

      def shaken
        @shake = ((@shake || -1) + 1) % SHAKES.size
        low, high = @urgency.values.minmax
        width = [high - low, 1].max * SHAKES[@shake] * @random.rand
        @urgency.transform_values { |value| value + ((@random.rand - 0.5) * 2 * width) }
      end

      # The search is over when nothing can be sooner than what it has found.
      def prove
        return if @best.nil? || met? || @looked_at == ready(@best) || @network.steps.size > MOST_PROVEN_STEPS

        @looked_at = ready(@best)
        @least = @looked_at if Deadline.met?(@network, @bounds.heads, @looked_at)
      end

      def look_closer
        if @best && !met?
          @looked_at = ready(@best)
          @least = Deadline.bound(@network, @bounds.heads, @least, @looked_at)
        end
        solve if Optimum.fits?(@network)
      end

      def solve
        return if met?

        optimum = Optimum.new(@network, @bounds, @best && ready(@best), seconds: @seconds)
        @best = optimum.starts || @best
        @least = [@least, optimum.bound].max if optimum.bound
        @impossible = optimum.impossible?
        @failed = Infeasible.new("#{@failed.message} No order of the steps keeps every window: that is proven.",
          steps: @failed.steps) if optimum.impossible?
      end
    end
  end
end
