# frozen_string_literal: true

module GreenPlinth
  module Batching
    # Steps as the scheduler takes them, as far as they have come at the bench: what is done takes no hands any more, what is under
    # hand takes what is left of it, and what waits for something to dry waits for as long as was seen, not foretold.
    class AsItStands
      # However long it has taken already, so much of a step is left, as a share of its usual time (from memory).
      LEAST_LEFT = 0.1

      # @param steps [Array<Steps::Step>]
      # @param progress [Design::Progress]
      # @param catalogue [Catalogue]
      # @param climate [Design::Climate] the air that drying was foretold in
      # @param hands [Integer] that work at once
      # @param missed [Boolean] whether windows after what is done are taken as missed, all of them
      def initialize(steps, progress, catalogue, climate, hands: 1, missed: false)
        @progress = progress
        @catalogue = catalogue
        @missed = missed
        @trace = Drying::Trace.new(progress.air, climate)
        @by_id = steps.to_h { |step| [step.id, step] }
        @tails = {}
        @now = going_on(hands)
      end

      # @param step [Steps::Step]
      # @return [Schedule::Node]
      def node(step)
        finished = @progress.done[step.id]
        return Schedule::Node.new(id: step.id, hands_on_min: 0, tail_min: tail(step) || 0, after: [], at: finished) if finished

        begun = @progress.begun[step.id]
        return in_hand(step, begun) if begun

        Schedule::Node.new(id: step.id, hands_on_min: step.hands_on_min, tail_min: step.tail_min || 0, at: pinned(step),
          not_before: @progress.as_of, stay_min: step.stay_min, after: step.after.map { |wait| as_seen(wait) })
      end

      def done?(id) = @progress.done.key?(id)
      def begun?(id) = @progress.begun.key?(id)

      # @return [Integer, nil] minute that it was finished; nil where it is not done, or was left out
      def finished(id) = @progress.skipped?(id) ? nil : @progress.done[id]

      # @param wait [Wait]
      # @return [Wait] as long as was seen, whether or not its window can still be kept
      def seen(wait)
        step = @by_id[wait.first]
        factor = step ? seen_factor(step) : 1.0
        least = (wait.at_least_min * factor).ceil
        wait.lasting(least, wait.at_most_min && [(wait.at_most_min * factor).floor, least].max)
      end

      # @param step [Steps::Step]
      # @return [Integer, nil] minutes until it is dry through, as seen where it was seen; nil where unknown
      def tail(step)
        @tails.fetch(step.id) do
          @tails[step.id] = @progress.skipped?(step.id) ? 0 : step.tail_min && (step.tail_min * seen_factor(step)).round
        end
      end

      private

      # It has begun, so that it waits for nothing any more. While the hands are on it, it goes on where the rest is planned from.
      def in_hand(step, begun)
        Schedule::Node.new(id: step.id, hands_on_min: left(step, begun), tail_min: step.tail_min || 0, after: [], stay_min: step.stay_min,
          at: (@progress.as_of if @now.include?(step.id)), not_before: @progress.as_of)
      end

      def left(step, begun) = [step.hands_on_min - begun.spent_min, step.hands_on_min * LEAST_LEFT, 1].max.round

      # What hands are on now, no more than there are hands, and nothing that would run into what is pinned.
      # @return [Array<String>] ids of steps
      def going_on(hands)
        from = @progress.as_of or return []
        running = @progress.begun.select { |id, begun| begun.running && @by_id.key?(id) }
        ends = running.map { |id, begun| from + left(@by_id[id], begun) }.max
        return [] if ends.nil? || @progress.pinned.any? { |id, at| !@progress.done.key?(id) && at.between?(from, ends) }

        running.keys.first(hands)
      end

      # One that was not kept binds nothing any more.
      def pinned(step) = @progress.pinned[step.id]&.then { |at| at unless @progress.as_of && at < @progress.as_of }

      def as_seen(wait)
        return wait.lasting(0, nil) if @progress.skipped?(wait.first)

        seen = seen(wait)
        seen.at_most_min && missed?(wait.first, seen) ? seen.lasting(seen.at_least_min, nil) : seen
      end

      # A window that has closed is missed: the work is planned all the same.
      def missed?(first, wait)
        finished = @progress.done[first] or return false
        @missed || finished + wait.at_most_min < (@progress.as_of || 0)
      end

      # By how much it dries longer or shorter than foretold. What was looked at late and found dry may have been dry for long: that
      # says nothing.
      def seen_factor(step)
        finished = @progress.done[step.id]
        return 1.0 unless finished && step.tail_min.to_i.positive?

        dry, wet = [@progress.dry[step.id], @progress.wet[step.id]].map { |minute| minute && (minute - finished) }
        foretold = in_real_air(step, finished)
        expected = wet ? Drying::Spread.longer_than(wet, foretold, spread(step)) : foretold
        expected = [expected, dry].min if dry
        expected.to_f.clamp(0.0, nil) / step.tail_min
      end

      # What sets by itself, as the catalogue has it, in the air that was read.
      # @return [Float] minutes
      def in_real_air(step, finished)
        material = @trace.any? && material(step)
        material ? @trace.minutes(finished, step.tail_min, material) : step.tail_min.to_f
      end

      def material(step) = @catalogue[step.stages&.material || step.material]
      def spread(step) = @catalogue.history.spread_of(material(step))
    end
  end
end
