# frozen_string_literal: true

module GreenPlinth
  module Questions
    # Several builds that share one pair of hands, planned as one: the work of all in one order, each step as early as its build
    # and the bench allow, so that one build dries while another is under the hands. Orders are tried and the best is kept: one build
    # after another, the one wanted first going first; each step as it is planned alone; by how late each step may be; further ones
    # as long as they are asked for.
    class Shared
      # So many orders are tried, at the most.
      MOST_TRIED = 40
      # Steps laid before an answer is given; the search goes on when it is asked to improve.
      LAID_AT_ONCE = 3_000

      # When the steps of one build are done among all, and when it is ready then; minutes.
      Lot = Struct.new(:starts, :ready_at)
      # A step of one of the builds, as it is planned among all.
      Stint = Struct.new(:key, :step, :title, :start, :finish, keyword_init: true)

      # @param plans [Hash{Object => DatedPlan}] by whatever tells builds apart
      def initialize(plans)
        @plans = plans
        @bench = OneBench.new(plans)
        @orders = Orders.new(plans)
        improve
      end

      # Tries further orders, for a while.
      # @return [void]
      def improve
        laid = @bench.laid
        try(@orders.next) until finished? || (@best && @bench.laid - laid > LAID_AT_ONCE)
      end

      # @return [Boolean] whether nothing is left to try
      def finished? = @plans.empty? || @orders.tried >= (trouble? ? MOST_TRIED : Orders::USUAL)

      # @return [Hash{Object => Lot}] builds for which no sittings are left are missing
      def answers = @answers ||= (@best || {}).to_h { |key, starts| [key, Lot.new(starts, @plans[key].ready(starts))] }

      # @return [Array] the builds, the one that is ready first first; those for which no sittings are left last
      def turns = @plans.keys.sort_by { |key| [answers[key]&.ready_at || Schedule::Network::FOREVER, @plans[key].ready_at] }

      # @return [Integer] minutes by which the builds are ready sooner, taken together, than one after the other: late ones count
      #   as often as they do to the maker, twice
      def gain_min = @first && @cost[0] == @first[0] ? (@first[1] - @cost[1]) + (@first[2] - @cost[2]) : 0

      # @return [Array<Stint>] what is done when, over all builds, in order
      def work
        all = answers.flat_map do |key, answer|
          @plans[key].steps.reject { |step| step.node.done? }.map do |step|
            start = answer.starts[step.id]
            Stint.new(key: key, step: step.id, title: step.title, start: start, finish: start + step.node.hands_on_min)
          end
        end
        all.sort_by { |one| [one.start, one.finish] }
      end

      # @return [Hash] of one build: its date alone and among the others, how late that is, and its sittings until then
      def dates_of(key)
        plan, answer = @plans[key], answers[key]
        { "finish_by" => moment(plan.finish_by), "alone" => moment(plan.ready_at), "shared" => moment(answer&.ready_at),
          "late_min" => answer && plan.finish_by && (answer.ready_at - plan.finish_by),
          "sittings" => sittings_until(key, answer&.ready_at || plan.ready_at), "how" => how(key).to_h }
      end

      private

      # Of the date among the others: what is done of each build before it is ready.
      def how(key)
        ready = answers[key]&.ready_at
        until_then = ready ? work.select { |one| one.start < ready } : []
        own, others = until_then.partition { |one| one.key == key }
        hands = ->(stints) { (stints.sum { |one| one.finish - one.start } / 60.0).round(2) }
        Reckoning.new(key: "shared/ready", name: "ready", value: moment(ready), unit: "moment", source: "of the orders tried, the best",
          formula: "the latest of: finish of a step + its drying, with one pair of hands: a step begins once all it waits for is ready " \
                   "and no other build is under the hands", inputs: [
                     Reckoning::Input.new("alone at the bench", moment(@plans[key].ready_at), "moment"),
                     Reckoning::Input.new("hands on this build until then", hands.call(own), "h"),
                     Reckoning::Input.new("hands on the others until then", hands.call(others), "h")
                   ])
      end

      def moment(minutes) = minutes&.then { |at| Moment.format(at) }

      def sittings_until(key, last)
        start = @plans[key].calendar.start
        spans = (@bench.sittings(key) || []).take_while { |from, _| from < last }.select { |_, to| to > start }
        spans.map { |from, to| [moment([from, start].max), moment(to)] }
      end

      def try(urgency)
        starts = @bench.placed(urgency)
        cost = cost(starts)
        @first ||= cost
        return if @best && (cost <=> @cost) != -1

        @best, @cost, @answers = starts, cost, nil
        @orders.kept
      end

      # Builds without a plan, then minutes late in all, then the dates.
      def cost(starts)
        ready = starts.to_h { |key, at| [key, @plans[key].ready(at)] }
        late = ready.sum { |key, at| [at - (@plans[key].finish_by || Schedule::Network::FOREVER), 0].max }
        [@plans.size - starts.size, late, ready.values.sum]
      end

      # Whether anything could be better that a maker would mind: a build is late, or finds no sittings.
      def trouble? = @cost.nil? || @cost.first(2).any?(&:positive?)
    end
  end
end
