# frozen_string_literal: true

module GreenPlinth
  module Questions
    # What the hands can do at one moment, and what they must keep off, over several builds: each by its own plan, as far as
    # it has come by then.
    class Now
      # A step that nothing holds back any more.
      #   spare_min: by how much it may slip before its build is late, or, where no date is wanted, before its ready date does.
      Doable = Struct.new(:key, :step, :spare_min, keyword_init: true)
      # A part that is still wet or curing, and until when.
      Wet = Struct.new(:key, :name, :until, keyword_init: true)

      # @param plans [Hash{Object => DatedPlan}] by whatever tells builds apart
      # @param moment [Integer] minutes
      def initialize(plans, moment)
        @plans = plans
        @moment = moment
      end

      # @return [Array<Doable>] what presses most first; of two that press alike the shorter
      def doable
        @plans.flat_map { |key, plan| of(key, plan) }.sort_by { |one| [one.spare_min, one.step.hands_on_min] }
      end

      # @return [Array<Doable>] what is under hand, what was begun first, first
      def in_hand
        begun = @plans.flat_map do |key, plan|
          plan.steps.select(&:begun).map { |step| Doable.new(key: key, step: step, spare_min: spare(step, plan)) }
        end
        begun.sort_by { |one| one.step.begun }
      end

      # @return [Array<Wet>] what is dry first, first
      def wet
        @plans.flat_map { |key, plan| wet_parts(key, plan) }.sort_by(&:until)
      end

      # @return [Integer, nil] minutes: when the next work after this moment is planned to begin; nil where all is done
      def next_at
        @plans.each_value.flat_map { |plan| plan.steps.map(&:start) }.select { |start| start > @moment }.min
      end

      private

      def of(key, plan)
        plan.steps.select { |step| can?(step, plan) }.map { |step| Doable.new(key: key, step: step, spare_min: spare(step, plan)) }
      end

      # Where a build is told what is done, what it waits for has to be; where it never was, all goes as planned.
      def can?(step, plan)
        return false if step.possible > @moment || step.begun || step.node.done?
        return @moment < step.finish unless plan.told?

        done = plan.done
        step.node.after.all? { |wait| done.include?(wait.first) }
      end

      def spare(step, plan) = step.slack_min + (plan.finish_by ? plan.finish_by - plan.ready_at : 0)

      def wet_parts(key, plan)
        plan.wet.filter_map do |name, spans|
          last = spans.filter_map { |from, to| to if from <= @moment && @moment < to }.max
          last && Wet.new(key: key, name: name, until: last)
        end
      end
    end
  end
end
