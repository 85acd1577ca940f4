# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # What no schedule can beat: how early each step could be if it had the bench to itself, how much must follow it,
    # and the time by which the hands can have done what lies between. Raises Infeasible where windows contradict.
    class Bounds
      # Sets of steps looked at for the hands' bound: this many thresholds of head and of tail each.
      THRESHOLDS = 32
      # Rounds of tightening windows against each other before they are said to contradict.
      ROUNDS = 200

      attr_reader :heads, :tails

      def initialize(network)
        @network = network
        @free = FreeTime.new(network)
        @heads = tightened
        @tails = backward
      end

      # @return [Integer] no schedule is ready before this
      def ready
        chain = @network.steps.map { |step| @network.later(heads[step.id] + step.hands_on_min, tails[step.id]) }.max || @network.start
        [chain, hands].max
      end

      private

      def tightened
        heads = @network.steps.to_h { |step| [step.id, [step.not_before, @network.start].compact.max] }
        windows = @network.steps.any? { |step| step.after.any?(&:at_most_min) }
        ROUNDS.times do
          before = windows ? heads.dup : nil
          forward(heads)
          return heads unless windows

          pull(heads)
          return heads if heads == before
        end
        raise contradiction(heads)
      end

      def forward(heads)
        @network.sorted.each do |step|
          from = step.after.reduce(heads[step.id]) do |least, wait|
            [least, @network.later(heads[wait.first] + @network.by_id[wait.first].hands_on_min, wait.at_least_min)].max
          end
          heads[step.id] = step.at ? pinned(step, from) : alone(step, from)
        end
      end

      def alone(step, from)
        @free.earliest_alone(from, step.hands_on_min, step.lead_min || 0, step.stay_min || 0) or raise none_left(step, from)
      end

      def pinned(step, from)
        return step.at if step.done? || step.at >= from

        raise Infeasible.new("#{step.id} is pinned to #{Moment.words(step.at)}, but what it waits for cannot be ready before " \
                             "#{Moment.words(from)}.", steps: [step.id])
      end

      # A step whose follower may not wait long cannot be early when the follower must be late.
      def pull(heads)
        @network.sorted.reverse_each do |step|
          step.after.each do |wait|
            next unless wait.at_most_min

            first = @network.by_id[wait.first]
            least = @network.earlier(heads[step.id], wait.at_most_min) - first.hands_on_min
            heads[first.id] = least if least > heads[first.id]
          end
        end
      end

      def backward
        tails = @network.steps.to_h { |step| [step.id, step.tail_min] }
        @network.sorted.reverse_each do |step|
          step.after.each do |wait|
            way = wait.at_least_min + step.hands_on_min + tails[step.id]
            tails[wait.first] = way if way > tails[wait.first]
          end
        end
        tails
      end

      # For steps that cannot begin before r and leave at least q after them: r, then all their work, then q.
      def hands
        starts = thresholds(heads.values)
        ends = thresholds(tails.values)
        work = work_beyond(starts, ends)
        starts.each_index.flat_map do |i|
          ends.each_index.filter_map do |j|
            next if work[i][j].zero?

            at = @free.after_open(starts[i], (work[i][j] / @network.hands.to_f).ceil)
            at && @network.later(at, ends[j])
          end
        end.max || @network.start
      end

      # @return [Array<Array<Integer>>] minutes of hands-on work whose head is not below each start and whose tail is not below
      #   each end: each step in its own place, then summed up from the farthest
      def work_beyond(starts, ends)
        work = Array.new(starts.size) { Array.new(ends.size, 0) }
        sitting_down.each { |step| work[last(starts, heads[step.id])][last(ends, tails[step.id])] += step.hands_on_min }
        work.each { |row| (row.size - 2).downto(0) { |j| row[j] += row[j + 1] } }
        (work.size - 2).downto(0) { |i| work[i] = work[i].zip(work[i + 1]).map(&:sum) }
        work
      end

      # @return [Integer] place of the largest threshold that is not above a value; the least of all is never above one
      def last(thresholds, value) = thresholds.bsearch_index { |one| one > value }&.pred || (thresholds.size - 1)

      # Pinned work may be done when no sitting is open.
      def sitting_down = @sitting_down ||= @network.steps.reject(&:at)

      def thresholds(values)
        all = values.uniq.sort
        return all if all.size <= THRESHOLDS

        Array.new(THRESHOLDS) { |i| all[i * (all.size - 1) / (THRESHOLDS - 1)] }
      end

      def none_left(step, from)
        if step.room_min > @free.longest
          return Infeasible.new("#{step.id} takes #{Moment.span(step.room_min)} in one go, and the longest sitting is " \
                                "#{Moment.span(@free.longest)}.", steps: [step.id])
        end
        Infeasible.new("No sitting is left for #{step.id}, which cannot begin before #{Moment.words(from)}.", steps: [step.id])
      end

      def contradiction(heads)
        step, wait = @network.steps.flat_map { |one| one.after.select(&:at_most_min).map { |wait| [one, wait] } }.max_by do |one, wait|
          heads[one.id] - heads[wait.first] - wait.at_most_min
        end
        Infeasible.new("#{step.id} must begin at most #{Moment.span(wait.at_most_min)} after #{wait.first} is finished, but other waits " \
                       "keep it from doing so.", steps: [wait.first, step.id])
      end
    end
  end
end
