# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Ready soonest: a constructive pass by what must still follow each step, then seeded tries that shake the order,
    # keeping what is better. Stops early when the lower bound is met.
    class Scheduler
      # Placements of one step that a search may spend: the tries are this divided by the number of steps.
      EFFORT = { quick: 600, thorough: 60_000 }.freeze
      TRIES = (4..400)
      # Tries that may lead nowhere before the network counts as one that no schedule fits.
      FAILURES = 40
      # How far a try shakes the urgencies, as shares of the longest, in turn: from a nudge to an order of its own.
      SHAKES = [0.1, 0.3, 1.0, 3.0].freeze

      # @param network [Network]
      # @param effort [Symbol] :quick within an edit, :thorough when asked for a schedule alone
      # @param seed [Integer] the same seed gives the same schedule
      def initialize(network, effort: :thorough, seed: 1)
        @network = network
        @effort = effort
        @random = Random.new(seed)
      end

      # @return [Answer]; raises Infeasible
      def call
        @bounds = Bounds.new(@network)
        return Answer.new(@network, {}, @network.start) if @network.steps.empty?

        @least = @bounds.ready
        best = searched
        Answer.new(@network, best, @least)
      end

      private

      def searched
        own = @network.steps.to_h { |step| [step.id, @bounds.tails[step.id] + step.hands_on_min] }
        late = own.to_h { |id, tail| [id, tail - @bounds.heads[id]] }
        best, urgency = [own, late].filter_map { |try| placed(try) }.min_by { |starts, _| ready(starts) }
        urgency ||= own
        @failures = 0
        tries.times do |round|
          break if best ? ready(best) <= @least : (@failures += 1) > FAILURES

          found, shaken = placed(shaken(urgency), promote: round.even?)
          best, urgency = found, shaken if found && (best.nil? || ready(found) < ready(best))
        end
        best || raise(@failed)
      end

      # @return [Array(Hash, Hash), nil] starts and the urgencies that led to them; nil where these led nowhere, which
      #   proves nothing of others
      def placed(urgency, promote: true)
        [Placement.new(@network, @bounds.heads, urgency, promote: promote).call, urgency]
      rescue Infeasible => e
        @failed = e
        nil
      end

      def tries = (EFFORT.fetch(@effort) / @network.steps.size).clamp(TRIES.min, TRIES.max)

      def ready(starts)
        starts.map { |id, start| start + @network.by_id[id].hands_on_min + @network.by_id[id].tail_min }.max
      end

      def shaken(urgency)
        width = urgency.values.map(&:abs).max * SHAKES[(@shake = (@shake || 0) + 1) % SHAKES.size] * @random.rand
        urgency.transform_values { |value| value + ((@random.rand - 0.5) * 2 * width) }
      end
    end
  end
end
