# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # A plan for something else than being ready soonest, made from the plan that is.
    class Objective
      # @param soonest [Answer]
      # @param finish_by [Integer, nil] minute by which it must be ready
      def initialize(soonest, finish_by)
        @soonest = soonest
        @network = soonest.network
        @finish_by = finish_by
        @heads = Bounds.new(@network).heads
      end

      # @param name [Symbol] :ready_soonest, :fewest_sittings or :latest_start
      # @return [Answer] the soonest where the other cannot be had
      def call(name)
        return @soonest if name == :ready_soonest || @network.steps.empty?

        starts = name == :fewest_sittings ? fewest : latest
        starts ? Answer.new(@network, starts, @soonest.lower_bound) : @soonest
      end

      private

      # As late as the date allows, in the same order. Without a date, or where it cannot be met, there is nothing to begin late for.
      def latest
        return unless @finish_by && @soonest.ready_at <= @finish_by

        starts = Justification.new(@network, @heads).backward(@soonest.starts, @finish_by) or return
        starts if @network.steps.all? { |step| starts[step.id] >= @heads[step.id] }
      end

      # Sittings are given up one by one, the emptiest first, as long as the date is kept and fewer are left.
      def fewest
        return unless @network.sittings

        best = @soonest
        given_up = []
        while (better = emptiest(best).lazy.filter_map { |sitting| without(given_up + [sitting], used(best).size) }.first)
          best, given_up = better
        end
        best.starts unless best.equal?(@soonest)
      end

      def used(answer) = Sittings.of(answer)

      def emptiest(answer)
        used(answer).sort_by { |sitting| sitting.steps.sum { |id| @network.by_id[id].hands_on_min } }
          .map { |sitting| [sitting.from, sitting.to] }
      end

      # @return [Array(Answer, Array), nil] where it takes fewer than so many sittings and keeps the date
      def without(given_up, most)
        left = Network.new(start: @network.start, sittings: @network.sittings - given_up, hands: @network.hands, steps: @network.steps,
          clock: @network.clock)
        heads = Bounds.new(left).heads
        starts = Justification.new(left, heads).call(Placement.new(left, heads, @soonest.starts.transform_values(&:-@)).call)
        answer = Answer.new(@network, starts, @soonest.lower_bound)
        [answer, given_up] if used(answer).size < most && (@finish_by.nil? || answer.ready_at <= [@finish_by, @soonest.ready_at].max)
      rescue Infeasible
        nil
      end
    end
  end
end
