# frozen_string_literal: true

module GreenPlinth
  module Questions
    class Shared
      # Orders of urgency over the steps of several builds, to be tried one after another; the same each time.
      class Orders
        # Those that are tried where nothing is wrong.
        USUAL = 2
        # How far a date is shaken, as a share of the time that all builds span.
        SHAKES = [0.05, 0.2, 0.6].freeze

        # @return [Integer] how many were given
        attr_reader :tried

        # @param plans [Hash{Object => DatedPlan}]
        def initialize(plans)
          @plans = plans
          @due = plans.transform_values { |plan| plan.finish_by || plan.ready_at }
          @tails = plans.transform_values(&:tails)
          @tried = 0
          @random = Random.new(1)
        end

        # @return [Hash{Object => Hash{String => Numeric}}] by build and step, greater goes first
        def next
          @tried += 1
          @last = case @tried
                  when 1 then [@due, true]
                  when 2 then [@due, false]
                  else [@tried <= @plans.size + 1 ? exchanged(@tried - 3) : shaken, @tried.odd?]
                  end
          urgency(*@last)
        end

        # The last one is the best so far: further ones begin from it.
        def kept = @due = @last.first

        private

        # @param whole [Boolean] whether builds go one after another; else each step by how late it may be
        def urgency(due, whole)
          rank = due.keys.sort_by { |key| [due[key], @plans[key].ready_at] }.each_with_index.to_h
          @plans.to_h do |key, plan|
            late = whole ? rank[key] * FAR : due[key]
            [key, plan.steps.to_h { |step| [step.id, @tails[key][step.id] + step.node.hands_on_min - late] }]
          end
        end

        # Longer than any build takes, minutes.
        FAR = 10_000_000
        private_constant :FAR

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
