# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Several builds that share one pair of hands: one build after another takes its sittings from what those before it have
    # left, the one wanted first going first. Neighbours in that order change places where all are then less late.
    class Shared
      # @param evaluations [Hash{Object => Evaluation}] by whatever tells builds apart; each with a schedule of its own
      def initialize(evaluations)
        @evaluations = evaluations
      end

      # @return [Hash{Object => Answer}] builds for which no sittings are left are missing
      def answers = @answers ||= planned(turns)

      # @return [Array] the builds in the order in which they choose
      def turns
        @turns ||= begin
          order = @evaluations.keys.sort_by { |key| [wanted(key) || Network::FOREVER, @evaluations[key].schedule.ready_at] }
          (0...(order.size - 1)).each do |at|
            other = order.dup.tap { |list| list[at], list[at + 1] = list[at + 1], list[at] }
            order = other if (cost(planned(other)) <=> cost(planned(order))).negative?
          end
          order
        end
      end

      # @return [Array<Hash>] what is done when, over all builds: { key:, step:, start:, finish: }, in order
      def work
        answers.flat_map do |key, answer|
          answer.network.steps.reject(&:done?).map { |step| { key: key, step: step.id, start: answer.start(step.id), finish: answer.finish(step.id) } }
        end.sort_by { |one| [one[:start], one[:finish]] }
      end

      private

      def wanted(key) = @evaluations[key].design.calendar.finish_by

      # Builds without a plan, then minutes late in all, then the dates.
      def cost(plans)
        late = plans.sum { |key, answer| [answer.ready_at - (wanted(key) || Network::FOREVER), 0].max }
        [@evaluations.size - plans.size, late, plans.sum { |_, answer| answer.ready_at }]
      end

      def planned(order)
        @planned ||= {}
        @planned[order] ||= order.each_with_object([{}, []]) do |key, (plans, taken)|
          answer = within(@evaluations[key].order.network, taken) or next
          plans[key] = answer
          taken.concat(busy(answer))
        end.first
      end

      def within(network, taken)
        open = network.sittings || [[network.start, Network::FOREVER]]
        left = taken.sort.reduce(open) { |sittings, span| less(sittings, span) }
        Scheduler.new(Network.new(start: network.start, sittings: left, hands: network.hands, steps: network.steps, clock: network.clock), effort: :quick).call
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
