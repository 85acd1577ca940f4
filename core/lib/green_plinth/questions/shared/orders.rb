# frozen_string_literal: true

module GreenPlinth
  module Questions
    class Shared
      # Orders of urgency over the steps of several builds, to be tried one after another; the same each time.
      class Orders
        # Those that are tried where nothing is wrong.
        USUAL = 3
        # How far a date is shaken, as a share of the time that all builds span.
        SHAKES = [0.05, 0.2, 0.6].freeze

        # @return [Integer] how many were given
        attr_reader :tried

        # @param plans [Hash{Object => DatedPlan}]
        def initialize(plans)
          @plans = plans
          @due = @wanted = plans.transform_values { |plan| plan.finish_by || plan.ready_at }
          @tails = plans.transform_values(&:tails)
          @tried = 0
          @random = Random.new(1)
        end

        # @return [Hash{Object => Hash{String => Numeric}}] by build and step, greater goes first
        def next
          @tried += 1
          @last = @tried <= USUAL ? @due : changed
          urgency(@last, WAYS[(@tried - 1) % WAYS.size])
        end

        # The last one is the best so far: further ones begin from it.
        def kept = @due = @last

        private

        # Builds one after the other, each as it is planned alone; each step as early as it is planned alone, moved by as much as its
        # build's date was; each step by how late it may be.
        WAYS = %i[in_turn as_alone by_latest].freeze
        # Longer than any build takes, minutes.
        FAR = 10_000_000
        private_constant :WAYS, :FAR

        def urgency(due, way)
          rank = due.keys.sort_by { |key| [due[key], @plans[key].ready_at] }.each_with_index.to_h
          @plans.to_h { |key, plan| [key, plan.steps.to_h { |step| [step.id, send(way, key, step, due[key], rank[key])] }] }
        end

        def in_turn(_key, step, _due, rank) = -step.start - (rank * FAR)
        def as_alone(key, step, due, _rank) = -step.start - (due - @wanted[key])
        def by_latest(key, step, due, _rank) = @tails[key][step.id] + step.node.hands_on_min - due

        # First neighbours change places, then all is shaken.
        def changed = (@tried - USUAL) / WAYS.size < @plans.size - 1 ? exchanged((@tried - USUAL - 1) / WAYS.size) : shaken

        # Two neighbours change places.
        def exchanged(at)
          keys = @due.keys.sort_by { |key| [@due[key], @plans[key].ready_at] }
          one, other = keys[at], keys[at + 1]
          return shaken unless other

          @due.merge(one => @due[other] + 1, other => @due[one])
        end

        def shaken
          low, high = @due.values.minmax
          width = [high - low, 1440].max * SHAKES[@tried % SHAKES.size]
          @due.transform_values { |at| at + ((@random.rand - 0.5) * 2 * width) }
        end
      end
    end
  end
end
