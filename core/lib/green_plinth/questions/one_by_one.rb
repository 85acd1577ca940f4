# frozen_string_literal: true

module GreenPlinth
  module Questions
    # The same bases made one after another, each begun when the one before is ready: what a batch is measured against.
    class OneByOne
      # So many are planned; the rest are taken to need as long as these on average.
      PLANNED = 24

      # @param network [Network] of one base
      # @param copies [Integer]
      def initialize(network, copies)
        @network = network
        @copies = copies
      end

      # @return [Integer, nil] minute by which all are ready; nil where the sittings run out
      def ready_at
        planned = [PLANNED, @copies].min
        last = (1..planned).reduce(@network.start) { |from, _| ready_from(from) }
        last + ((last - @network.start) * (@copies - planned) / planned)
      rescue Infeasible
        nil
      end

      # @return [Boolean] whether the date is reckoned from fewer bases than there are
      def about? = @copies > PLANNED

      private

      def ready_from(start)
        sittings = @network.sittings&.filter_map { |from, to| [[from, start].max, to] if to > start }
        Schedule::Scheduler.new(Schedule::Network.new(start: start, sittings: sittings, hands: @network.hands, steps: @network.steps,
          clock: @network.clock), effort: :quick).call.ready_at
      end
    end
  end
end
