# frozen_string_literal: true

module GreenPlinth
  module Questions
    # Several builds that share one pair of hands: one build after another takes its sittings from what those before it have
    # left, the one wanted first going first. Neighbours in that order change places where all are then less late.
    class Shared
      # Once so many builds have been fitted into what others left, no further change of places is tried.
      MOST_FITTED = 24

      # @param plans [Hash{Object => DatedPlan}] by whatever tells builds apart; evaluations do, too
      def initialize(plans)
        @plans = plans
        @fitted = 0
      end

      # @return [Hash{Object => Answer}] builds for which no sittings are left are missing
      def answers = @answers ||= planned(turns)

      # @return [Array] the builds in the order in which they choose
      def turns
        @turns ||= begin
          order = @plans.keys.sort_by { |key| [wanted(key) || Schedule::Network::FOREVER, @plans[key].schedule.ready_at] }
          (0...(order.size - 1)).each do |at|
            break if @fitted > MOST_FITTED || !trouble?(planned(order))

            other = order.dup.tap { |list| list[at], list[at + 1] = list[at + 1], list[at] }
            order = other if (cost(planned(other)) <=> cost(planned(order))).negative?
          end
          order
        end
      end

      # A step of one of the builds, as it is planned among all.
      Stint = Struct.new(:key, :step, :title, :start, :finish, keyword_init: true)

      # @return [Array<Stint>] what is done when, over all builds, in order
      def work
        all = answers.flat_map do |key, answer|
          titles = @plans[key].steps.to_h { |step| [step.id, step.title] }
          answer.network.steps.reject(&:done?).map do |step|
            Stint.new(key: key, step: step.id, title: titles[step.id], start: answer.start(step.id), finish: answer.finish(step.id))
          end
        end
        all.sort_by { |one| [one.start, one.finish] }
      end

      # @return [Hash] of one build: its date alone and among the others, how late that is, and its sittings until then
      def dates_of(key)
        alone, answer = @plans[key].schedule, answers[key]
        by = wanted(key)
        { "finish_by" => moment(by), "alone" => moment(alone.ready_at), "shared" => moment(answer&.ready_at),
          "late_min" => answer && by && (answer.ready_at - by), "sittings" => sittings_until(key, (answer || alone).ready_at) }
      end

      private

      def wanted(key) = @plans[key].design.calendar.finish_by
      def moment(minutes) = minutes&.then { |at| Moment.format(at) }

      def sittings_until(key, last)
        sittings = @plans[key].design.calendar.sittings || []
        sittings.take_while { |from, _| from < last }.map { |span| span.map { |at| moment(at) } }
      end

      # Builds without a plan, then minutes late in all, then the dates.
      def cost(answers)
        late = answers.sum { |key, answer| [answer.ready_at - (wanted(key) || Schedule::Network::FOREVER), 0].max }
        [@plans.size - answers.size, late, answers.sum { |_, answer| answer.ready_at }]
      end

      # Whether anything could be better: a build is late, or finds no sittings.
      def trouble?(answers) = cost(answers).first(2).any?(&:positive?)

      # Orders that begin alike share what they have in common.
      def planned(order) = (@planned ||= { [] => [{}, []] }).fetch(order) { planned_after(order) }.first

      def planned_after(order)
        return @planned[order] if @planned.key?(order)

        answers, taken = planned_after(order[0...-1])
        answer = within(@plans[order.last].network, taken)
        @planned[order] = answer ? [answers.merge(order.last => answer), taken + busy(answer)] : [answers, taken]
      end

      def within(network, taken)
        @fitted += 1
        open = network.sittings || [[network.start, Schedule::Network::FOREVER]]
        left = taken.sort.reduce(open) { |sittings, span| less(sittings, span) }
        Schedule::Scheduler.new(Schedule::Network.new(start: network.start, sittings: left, hands: network.hands, steps: network.steps,
          clock: network.clock), effort: :quick).call
      rescue Infeasible
        nil
      end

      def less(sittings, (from, to))
        sittings.flat_map do |a, b|
          next [[a, b]] if to <= a || b <= from

          [[a, from], [to, b]].select { |x, y| y > x }
        end
      end

      def busy(answer)
        answer.network.steps.select { |step| step.hands_on_min.positive? }.map { |step| [answer.start(step.id), answer.finish(step.id)] }
      end
    end
  end
end
