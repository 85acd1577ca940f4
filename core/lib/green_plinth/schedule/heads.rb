# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # How early each step can be, where all that it waits for shares the hands: sooner than their work fits into the sittings together
    # it cannot be begun. Sharper than Bounds, which takes each of them as if it had the bench to itself, and takes longer.
    class Heads
      # @param network [Network] with sittings
      # @param shares [Array<Shares>] ways to count work against sittings
      def initialize(network, shares)
        @network = network
        @free = FreeTime.new(network, 1)
        @shares = shares
        @ends = network.open_ends
      end

      # @param heads [Hash{String => Integer}] what is known already
      # @return [Hash{String => Integer}, nil] nil where no sitting is left for a step
      def call(heads)
        heads = heads.dup
        @network.sorted.each do |step|
          from = step.after.reduce(heads[step.id]) do |least, wait|
            [least, @network.later(heads[wait.first] + @network.by_id[wait.first].hands_on_min, wait.at_least_min)].max
          end
          heads[step.id] = step.at || fitted(step, [from, together(step, heads)].compact.max) or return
        end
        heads
      end

      private

      def fitted(step, from) = @free.earliest_alone(from, step.hands_on_min, step.lead_min || 0, step.stay_min || 0)

      # The last of what it waits for is not finished before all of them fit into the sittings from the first of them on.
      # @return [Integer, nil] minute
      def together(step, heads)
        firsts = step.after.map { |wait| [wait, @network.by_id[wait.first]] }.reject { |_, first| first.at || first.hands_on_min.zero? }
        return if firsts.size < 2

        placed = firsts.map { |wait, first| [@ends.bsearch_index { |to| to > heads[first.id] } || @ends.size, wait.at_least_min, first] }
          .sort_by { |index, _, _| -index }
        @shares.filter_map { |share| filled(share, placed) }.max
      end

      def filled(share, placed)
        work = 0
        lag = least = nil
        placed.filter_map do |index, wait, first|
          work += share.of(first)
          lag = [lag, wait].compact.min
          least = [least, first.hands_on_min].compact.min
          finished = share.finished(index, work, least) or next
          finished >= Shares::FOREVER ? finished : @network.later(finished, lag)
        end.max
      end
    end
  end
end
