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

      # @param missed [Boolean] whether windows after what is done are taken as missed
      # @return [Schedule::Network]
      def network(missed: false) = network_of(steps, missed: missed)

      # @param missed [Boolean] whether windows after what is done are taken as missed
      # @return [AsItStands] its steps as far as they have come
      def stands(missed: false) = stands_of(steps, missed: missed)

      private

      def stands_of(steps, missed: false)
        AsItStands.new(steps, @design.progress, @design.catalogue, @design.climate, hands: @calendar.hands, missed: missed)
      end

      def network_of(steps, missed: false)
        stands = stands_of(steps, missed: missed)
        Schedule::Network.new(start: start, sittings: @calendar.sittings,
          hands: @calendar.hands, steps: steps.map { |step| stands.node(step) }, known: @known, clock: @calendar.clock)
      end

      # Who has begun before the plan does has begun.
      def start
        progress = @design.progress
        [@calendar.start, *progress.done.values, *(progress.as_of if progress.begun.any?)].min
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
