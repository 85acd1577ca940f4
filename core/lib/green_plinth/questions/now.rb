# frozen_string_literal: true

module GreenPlinth
  module Questions
    # What the hands can do at one moment, and what they must keep off, over several builds: each by its own plan, as far as
    # it has come by then.
    class Now
      # A step that nothing holds back any more.
      #   spare_min: by how much it may slip before its build is late, or, where no date is wanted, before its ready date does.
      Doable = Struct.new(:key, :step, :planned, :spare_min, keyword_init: true)
      # A part that is still wet or curing, and until when.
      Wet = Struct.new(:key, :name, :until, keyword_init: true)

      # @param plans [Hash{Object => DatedPlan}] by whatever tells builds apart; evaluations do, too
      # @param moment [Integer] minutes
      def initialize(plans, moment)
        @plans = plans
        @moment = moment
      end

      # @return [Array<Doable>] what presses most first; of two that press alike the shorter
      def doable
        @plans.flat_map { |key, plan| of(key, plan) }.sort_by { |one| [one.spare_min, one.step.hands_on_min] }
      end

      # @return [Array<Wet>] what is dry first, first
      def wet
        @plans.flat_map { |key, plan| wet_parts(key, plan) }.sort_by(&:until)
      end

      # @return [Integer, nil] minutes: when the next work after this moment is planned to begin; nil where all is done
      def next_at
        @plans.each_value.flat_map { |plan| plan.schedule.starts.values }.select { |start| start > @moment }.min
      end

      private

      def of(key, plan)
        answer = plan.schedule
        possible = plan.timeline.possible_from
        spare = spare(plan)
        plan.steps.select { |step| possible[step.id] <= @moment && @moment < answer.finish(step.id) }.map do |step|
          Doable.new(key: key, step: step, planned: answer.start(step.id), spare_min: answer.slack[step.id] + spare)
        end
      end

      def spare(plan) = plan.design.calendar.finish_by&.then { |by| by - plan.schedule.ready_at } || 0

      # Courses count with the ground they lie on.
      def wet_parts(key, plan)
        names = plan.design.placed.to_h { |part| [part.pointer, part.name] }
        wet = plan.timeline.spans.transform_values { |span| span.wet_until(@moment) }.compact
        wet.group_by { |where, _| where.split("/").first(3).join("/") }.filter_map do |where, untils|
          names[where] && Wet.new(key: key, name: names[where], until: untils.map(&:last).max)
        end
      end
    end
  end
end
