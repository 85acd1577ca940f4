# frozen_string_literal: true

module GreenPlinth
  module Batching
    # Works in order as steps that fit into sittings. One base as it is; of many, long work goes in the batches that suit
    # the sittings, where that is ready sooner.
    class Batches
      # Uneven batches must be ready so much sooner than even ones to be worth it, minutes.
      WORTH_IT_MIN = 120

      attr_reader :steps

      # @param design [Design]
      # @param order [Steps::OrderOfWork]
      def initialize(design, order)
        @design = design
        @calendar = design.calendar
        @works = order.works
        @waits = order.waits
        @steps = (design.copies == 1 ? fitted({}) : in_batches).freeze
      end

      # @return [Schedule::Network]
      def network = network_of(steps)

      private

      def network_of(steps)
        Schedule::Network.new(start: [@calendar.start, *@design.progress.done.values].min, sittings: @calendar.sittings,
          hands: @calendar.hands, steps: steps.map { |step| node(step) }, known: @known, clock: @calendar.clock)
      end

      # What is done waits for nothing any more and takes no hands.
      def node(step)
        progress = @design.progress
        finished = progress.done[step.id]
        return Schedule::Node.new(id: step.id, hands_on_min: 0, tail_min: step.tail_min || 0, after: [], at: finished) if finished

        Schedule::Node.new(id: step.id, hands_on_min: step.hands_on_min, tail_min: step.tail_min || 0, at: progress.pinned[step.id],
          not_before: progress.as_of, stay_min: step.stay_min, after: step.after)
      end

      def in_batches
        line = AssemblyLine.new(@works, @design.copies, @calendar.sittings, portions({}), @design.progress)
        plain = fitted(line.begun)
        line.fine == line.begun ? plain : sooner(plain, by_sittings(line))
      end

      # @return [Array(Array<Step>, Hash)] steps and the starts they had when they were planned finely
      def by_sittings(line)
        fine = fitted(line.fine)
        answer = planned(fine)
        steps = fitted(line.joined(fine, answer))
        [steps, line.starts(steps, fine, answer)]
      rescue Infeasible
        nil
      end

      def sooner(plain, (steps, starts))
        return plain unless steps

        even = ready_at(plain)
        @known = starts
        return steps if even.nil? || (ready_at(steps) || even) <= even - WORTH_IT_MIN

        @known = nil
        plain
      end

      # @return [Integer, nil] nil where no schedule was found
      def ready_at(steps)
        planned(steps).ready_at
      rescue Infeasible
        nil
      end

      def planned(steps) = Schedule::Scheduler.new(network_of(steps), effort: :quick).call
      def portions(batches) = Portions.new(@calendar.sittings&.map { |from, to| to - from }&.max, @design.copies, batches: batches)
      def fitted(batches) = Fitting.new(@works, @waits, @design.copies, portions(batches)).steps
    end
  end
end
