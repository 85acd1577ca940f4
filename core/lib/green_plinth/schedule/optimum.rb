# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # The best schedule of a small network by a solver: each step in one sitting, waits and windows between the starts, and
    # for steps that come to overlap in an answer the one before the other. Within a time limit: what is found by then, and
    # how good any schedule can be at most.
    class Optimum
      # Networks of more steps, or of more pairs of step and sitting, take the solver too long to be worth it.
      MOST_STEPS = 60
      MOST_CHOICES = 400
      SECONDS = 3.0
      # Less time than this is not enough for another round.
      LEAST_SECONDS = 0.05

      # @return [Hash{String => Integer}, nil] starts of a schedule better than the one known
      attr_reader :starts
      # @return [Integer, nil] minute before which nothing can be ready, proven
      attr_reader :bound

      # @return [Boolean] whether no schedule was known and it is proven that there is none
      def impossible? = @impossible || false

      def self.fits?(network) = network.hands == 1 && network.clock.nil? && network.steps.size <= MOST_STEPS && network.steps.none?(&:at)

      # @param network [Network]
      # @param bounds [Bounds]
      # @param known [Integer, nil] minute by which a known schedule is ready; only better ones are looked for
      def initialize(network, bounds, known, seconds: SECONDS)
        @network = network
        @bounds = bounds
        @known = known
        @by = known ? known - 1 : horizon
        @until = now + seconds
        solve
      end

      private

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def horizon
        return @network.sittings.last.last + @network.steps.map(&:tail_min).max if @network.sittings

        @network.start + @network.steps.sum { |step| step.hands_on_min + step.tail_min + (step.after.map(&:at_least_min).max || 0) }
      end

      def solve
        @latest = Latest.new(@network, @by).call or return nothing_better
        @choices = @network.sittings ? @network.steps.to_h { |step| [step.id, sittings_for(step)] } : {}
        return if @choices.values.sum(&:size) > MOST_CHOICES

        build
        rounds
      end

      def nothing_better
        @known ? @bound = @known : @impossible = true
      end

      def rounds
        while (left = @until - now) > LEAST_SECONDS
          solved = @program.solve(left)
          return nothing_better if solved.infeasible

          @bound = [@bound, @network.start + (solved.bound - 1e-6).ceil].compact.max if solved.bound
          return unless solved.values

          starts = @start.transform_values { |column| @network.start + solved.values[column].round }
          overlaps = overlapping(starts)
          return @starts = starts if overlaps.empty?

          overlaps.each { |pair| apart(*pair) }
        end
      end

      def build
        @program = Program.new
        @apart = {}
        @end = @program.column(0, @by - @network.start, cost: 1)
        @start = @network.steps.to_h do |step|
          [step.id, @program.column(@bounds.heads[step.id] - @network.start, @latest[step.id] - @network.start)]
        end
        @network.steps.each { |step| @program.row(step.hands_on_min + step.tail_min, nil, @end => 1, @start[step.id] => -1) }
        @network.steps.each { |step| step.after.each { |wait| wait(step, wait) } }
        return unless @network.sittings

        @chosen = @choices.transform_values { |sittings| sittings.to_h { |index| [index, @program.column(0, 1, whole: true)] } }
        @network.steps.each { |step| sit(step) if step.hands_on_min.positive? }
        fill
        @network.steps.each { |step| step.after.each { |wait| in_turn(step, wait) } }
      end

      def wait(step, wait)
        first = @network.by_id[wait.first].hands_on_min
        @program.row(first + wait.at_least_min, wait.at_most_min && (first + wait.at_most_min), @start[step.id] => 1,
          @start[wait.first] => -1)
      end

      # Earliest and latest start of a step in a sitting.
      def span(step, index)
        from, to = @network.sittings[index]
        [[from + (step.lead_min || 0), @bounds.heads[step.id]].max, [to - step.hands_on_min - (step.stay_min || 0), @latest[step.id]].min]
      end

      def sittings_for(step)
        return [] if step.hands_on_min.zero?

        @network.sittings.each_index.select { |index| span(step, index).then { |from, to| from <= to } }
      end

      def sit(step)
        chosen = @chosen[step.id]
        spans = chosen.keys.to_h { |index| [index, span(step, index).map { |at| at - @network.start }] }
        @program.row(1, 1, chosen.values.to_h { |column| [column, 1] })
        @program.row(0, nil, { @start[step.id] => 1 }.merge(chosen.to_h { |index, column| [column, -spans[index][0]] }))
        @program.row(nil, 0, { @start[step.id] => 1 }.merge(chosen.to_h { |index, column| [column, -spans[index][1]] }))
      end

      # No sitting holds more work than it is long.
      def fill
        @network.sittings.each_with_index do |(from, to), index|
          steps = @network.steps.select { |step| @chosen[step.id].key?(index) }
          next if steps.sum(&:hands_on_min) <= to - from

          @program.row(nil, to - from, steps.to_h { |step| [@chosen[step.id][index], step.hands_on_min] })
        end
      end

      # Where one step sits tells where the other may: what the waits say, said of sittings.
      def in_turn(step, wait)
        first = @network.by_id[wait.first]
        return if step.hands_on_min.zero? || first.hands_on_min.zero?

        @chosen[step.id].each_key do |index|
          not_before(step, first, index, span(step, index)[1] - wait.at_least_min - first.hands_on_min)
          not_after(step, first, index, span(step, index)[0] - wait.at_most_min - first.hands_on_min) if wait.at_most_min
        end
      end

      # In this sitting or an earlier one only if the first has begun by then.
      def not_before(step, first, index, by)
        able = @chosen[first.id].select { |other, _| span(first, other)[0] <= by }
        imply(@chosen[step.id].select { |other, _| other <= index }, able, @chosen[first.id])
      end

      # In this sitting or a later one only if the first begins no earlier than that.
      def not_after(step, first, index, from)
        able = @chosen[first.id].select { |other, _| span(first, other)[1] >= from }
        imply(@chosen[step.id].select { |other, _| other >= index }, able, @chosen[first.id])
      end

      def imply(one, able, all)
        return if able.size == all.size

        @program.row(nil, 0, one.values.to_h { |column| [column, 1] }.merge(able.values.to_h { |column| [column, -1] }))
      end

      def overlapping(starts)
        working = @network.steps.select { |step| step.hands_on_min.positive? }.sort_by { |step| starts[step.id] }
        working.combination(2).select { |one, other| starts[other.id] < starts[one.id] + one.hands_on_min }
      end

      # One pair of hands: either the one is done before the other begins, or the other way round.
      def apart(one, other)
        return if @apart[[one.id, other.id]] || @apart[[other.id, one.id]]

        turn = @apart[[one.id, other.id]] = @program.column(0, 1, whole: true)
        a, b = [one, other].map { |step| @program.bounds(@start[step.id]) }
        far = a[1] - b[0] + one.hands_on_min
        near = b[1] - a[0] + other.hands_on_min
        @program.row(one.hands_on_min - far, nil, @start[other.id] => 1, @start[one.id] => -1, turn => -far)
        @program.row(other.hands_on_min, nil, @start[one.id] => 1, @start[other.id] => -1, turn => near)
      end
    end
  end
end
