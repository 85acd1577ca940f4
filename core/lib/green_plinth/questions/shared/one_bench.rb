# frozen_string_literal: true

module GreenPlinth
  module Questions
    class Shared
      # The bench on which several builds are laid at once. Builds that keep the same hours are one network; those with hours of
      # their own are laid one group after another, each in what those before it have left.
      class OneBench
        # @return [Integer] steps laid so far
        attr_reader :laid

        # @param plans [Hash{Object => DatedPlan}]
        def initialize(plans)
          @numbers = plans.keys.each_with_index.to_h { |key, number| [key, number.to_s] }
          @groups = plans.group_by { |_, plan| plan.calendar.data.except(*ITS_OWN) }.values.map(&:to_h)
          @laid = 0
        end

        # What of a calendar is no hours.
        ITS_OWN = %w[start finish_by objective].freeze
        private_constant :ITS_OWN

        # @param urgency [Hash{Object => Hash{String => Numeric}}] by build and step, greater goes first
        # @return [Hash{Object => Hash{String => Integer}}] starts of each build's steps; builds for which no sittings are left are
        #   missing
        def placed(urgency)
          taken = []
          in_turn(urgency).reduce({}) do |all, plans|
            starts = together(plans, urgency, taken)
            taken += starts.flat_map { |key, at| busy(plans[key], at) } if @groups.size > 1
            all.merge(starts)
          end
        end

        # @return [Array<Array(Integer, Integer)>, nil] the hours that a build keeps, minutes; nil: always open
        def sittings(key)
          @sittings ||= {}.compare_by_identity
          group = @groups.find { |plans| plans.key?(key) }
          @sittings.fetch(group) { @sittings[group] = calendar(group).sittings }
        end

        private

        # From the first start of all that keep these hours.
        def calendar(plans)
          start = plans.each_value.map { |plan| plan.calendar.start }.min
          Design::Calendar.new(plans.values.first.calendar.data.merge("start" => Moment.format(start)))
        end

        # The group that holds what is most urgent first.
        def in_turn(urgency)
          @groups.sort_by { |plans| -plans.keys.flat_map { |key| urgency[key].values }.max.to_f }
        end

        # One for which there is no room is left out, and the others are laid without it. Where that happens again and again the
        # hours are too few for all: ever more of the least urgent ones are left out with it.
        def together(plans, urgency, taken)
          least_urgent = plans.keys.sort_by { |key| urgency[key].values.max.to_f }
          out = 1
          until plans.empty?
            found = laid_out(plans, urgency, taken)
            return found if found.is_a?(Hash)

            plans = plans.except(found, *(least_urgent & plans.keys).first(out - 1))
            out *= 2
          end
          {}
        end

        # @return [Hash, Object] starts by build, or the key of a build for which there is no room
        def laid_out(plans, urgency, taken)
          named = plans.keys.flat_map { |key| urgency[key].map { |id, value| [name(key, id), value] } }.to_h
          network, heads = taken.empty? ? (@empty ||= {})[plans.keys] ||= bounded(plans) : bounded(plans, taken)
          placement = Schedule::Placement.new(network, heads, named)
          starts = placement.call
          plans.to_h { |key, plan| [key, plan.steps.to_h { |step| [step.id, starts[name(key, step.id)]] }] }
        rescue Infeasible => e
          @numbers.key(e.steps.last.to_s.split.first) || plans.keys.last
        ensure
          @laid += placement ? placement.laid : 1
        end

        # @return [Array(Schedule::Network, Hash)] with how early each step could be
        def bounded(plans, taken = []) = network(plans, taken).then { |network| [network, Schedule::Bounds.new(network).heads] }

        def network(plans, taken)
          start = plans.each_value.map { |plan| plan.to_h["start"] }.min
          hours = calendar(plans)
          Schedule::Network.new(start: start, sittings: less(sittings(plans.keys.first), start, taken), hands: hours.hands,
            steps: plans.flat_map { |key, plan| plan.steps.map { |step| node(key, plan, step.node) } }, clock: hours.clock)
        end

        def node(key, plan, node)
          node.dup.tap do |own|
            own.id = name(key, node.id)
            own.after = node.after.map { |wait| wait.dup.tap { |same| same.first = name(key, wait.first) } }
            own.not_before = [node.not_before, plan.to_h["start"]].compact.max
          end
        end

        # Of a step among those of all builds.
        def name(key, id) = "#{@numbers[key]} #{id}"

        def busy(plan, starts)
          working = plan.steps.map(&:node).select { |node| node.hands_on_min.positive? }
          working.map { |node| [starts[node.id], starts[node.id] + node.hands_on_min] }
        end

        # Both in order: each sitting is cut by what begins before it ends.
        def less(sittings, start, taken)
          return sittings if taken.empty?

          spans = taken.sort
          (sittings || [[start, Schedule::Network::FOREVER]]).flat_map do |from, to|
            spans.shift while spans.any? && spans.first[1] <= from
            cut(from, to, spans.take_while { |begun, _| begun < to })
          end
        end

        def cut(from, to, spans)
          left = spans.each_with_object([]) do |(begun, ended), free|
            free << [from, begun] if begun > from
            from = [from, ended].max
          end
          from < to ? left << [from, to] : left
        end
      end
    end
  end
end
