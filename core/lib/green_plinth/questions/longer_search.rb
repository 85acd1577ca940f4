# frozen_string_literal: true

module GreenPlinth
  module Questions
    # A better plan than the one that there is time for within an edit: searched from that one on, and where the network is small
    # put to a solver for longer.
    class LongerSearch
      # That the solver may take, seconds.
      SECONDS = 20

      # Starts by step and the ready date, minutes; how much sooner than the plan within the edit; no plan is ready before
      # lower_bound.
      Found = Struct.new(:starts, :ready_at, :gain_min, :lower_bound) do
        def proven? = ready_at <= lower_bound

        # @return [Integer] minutes that any plan could gain still, at most
        def open_min = [ready_at - lower_bound, 0].max

        def to_h
          { "ready_at" => Moment.format(ready_at), "gain_min" => gain_min, "proven_optimal" => proven?, "open_min" => open_min }
        end
      end

      # @param evaluation [Evaluation]
      # @param progress [#call, nil] told how many percent of the effort are spent, of 100
      def initialize(evaluation, progress: nil)
        @evaluation = evaluation
        @progress = progress
      end

      # @return [Boolean] whether there is anything to be found: where a plan is wanted for something else than being ready soonest, or
      #   is proven, there is not
      def self.worth_while?(evaluation)
        evaluation.design.calendar.objective == :ready_soonest && !evaluation.infeasible && !evaluation.schedule.proven_optimal?
      end

      # @return [Found]; raises Infeasible
      def call
        now = @evaluation.schedule
        network = now.network.dup.tap { |same| same.known = now.starts }
        found = Schedule::Scheduler.new(network, effort: :thorough, seconds: SECONDS, progress: @progress).call
        better = found.ready_at < now.ready_at ? found : now
        Found.new(better.starts, better.ready_at, now.ready_at - better.ready_at, [found.lower_bound, now.lower_bound].max)
      end
    end
  end
end
