# frozen_string_literal: true

module GreenPlinth
  class Evaluation
    # When things are done: the schedule, what is asked of it, and what there is where none can exist.
    module Planning
      # @return [Schedule::Answer]; raises Infeasible
      def schedule
        found = part(:schedule, %w[calendar], batches, @effort, @known) { answer }
        found.is_a?(Infeasible) ? raise(found) : found
      end

      # @param missed [Boolean] whether windows after what is done are taken as missed
      # @return [Schedule::Network] what the schedule is of
      def network(missed: false)
        batches.network(missed: missed).tap do |network|
          # Of many copies a plan is known already: another one takes its place where it knows every step.
          network.known = @known if @known && (network.known.nil? || network.steps.all? { |step| @known[step.id] })
        end
      end

      # @return [Questions::DatedPlan] raises Infeasible
      def plan = Questions::DatedPlan.of(self)

      # @return [Infeasible, nil] why no schedule can exist
      def infeasible
        schedule
        nil
      rescue Infeasible => e
        e
      end

      # @param progress [#call, nil] see Questions::Chance
      # @return [Questions::Chance::Odds] raises Infeasible
      def chance(progress: nil)
        part(:chance, %w[calendar], schedule, @effort) do
          Questions::Chance.new(schedule, steps, catalogue, finish_by: design.calendar.finish_by, dry: design.progress.dry.keys,
            progress: progress).call
        end
      end

      # @return [Hash] see Questions::BatchPlan; raises Infeasible
      def batch
        part(:batch, buildable, @effort) do
          Questions::BatchPlan.new(self, Evaluation.new(design.with("variants", []).with("copies", 1).with("progress", {}), @memo)).to_h
        end
      end

      # @return [Questions::Timeline] raises Infeasible
      def timeline = Questions::Timeline.new(steps, schedule)

      private

      def answer
        soonest = soonest(network)
        calendar = design.calendar
        calendar.objective == :ready_soonest ? soonest : Schedule::Objective.new(soonest, calendar.finish_by).call(calendar.objective)
      rescue Infeasible => e
        e
      end

      # What was begun must be gone on with, even where a window after it can no longer be kept.
      def soonest(network)
        Schedule::Scheduler.new(network, effort: @effort).call
      rescue Infeasible
        raise if design.progress.done.empty?

        Schedule::Scheduler.new(network(missed: true), effort: @effort).call
      end
    end
  end
end
