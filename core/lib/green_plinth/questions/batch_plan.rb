# frozen_string_literal: true

module GreenPlinth
  module Questions
    # A batch as it flows through its sittings, and what it gains over bases made one by one.
    class BatchPlan
      # @param evaluation [Evaluation] of the batch
      # @param single [Evaluation] of the same design, one copy
      def initialize(evaluation, single)
        @evaluation = evaluation
        @single = single
        @copies = evaluation.design.copies
        @answer = evaluation.schedule
      end

      # @return [Hash] minutes, minor units of money; raises Infeasible
      def to_h
        { "copies" => @copies, "together" => together, "one_by_one" => one_by_one,
          "sittings" => sittings.map { |sitting| sitting_as_data(sitting) }, "lines" => lines }
      end

      private

      def sittings = @sittings ||= Schedule::Sittings.of(@answer)

      def sitting_as_data(sitting) = { "from" => Moment.format(sitting.from), "to" => Moment.format(sitting.to) }

      def together
        { "ready_at" => Moment.format(@answer.ready_at), "sittings" => sittings.size }.merge(each_base(@evaluation, @copies))
      end

      def one_by_one
        line = OneByOne.new(@single.batches.network, @copies)
        { "ready_at" => line.ready_at&.then { |at| Moment.format(at) }, "about" => line.about? }.merge(each_base(@single, 1))
      end

      # What one base takes of time and money: worked, used up and bought in whole packs.
      def each_base(evaluation, copies)
        lines = evaluation.quantities
        { "hands_on_min" => (evaluation.steps.sum(&:hands_on_min) / copies.to_f).round(1),
          "used_minor" => (lines.sum { |line| line.used_minor || 0 } / copies.to_f).round,
          "buy_minor" => (lines.sum { |line| line.cost_minor || 0 } / copies.to_f).round }
      end

      # Each kind of work with its batches, in the order they come to the bench.
      def lines
        at = sittings.each_with_index.flat_map { |sitting, index| sitting.steps.map { |id| [id, index] } }.to_h
        @evaluation.steps.select { |step| at.key?(step.id) }.group_by(&:work_id).map do |id, steps|
          batches = steps.sort_by { |step| @answer.start(step.id) }
          { "id" => id, "title" => batches.first.title.sub(/, bases? \d+(–\d+)?\z/, ""), "phase" => batches.first.phase.to_s,
            "batches" => batches.map { |step| batch(step, at[step.id]) } }
        end.sort_by { |line| line["batches"].first["start"] }
      end

      def batch(step, sitting)
        { "step" => step.id, "sitting" => sitting, "copies" => [step.copies.min, step.copies.max],
          "start" => Moment.format(@answer.start(step.id)), "hands_on_min" => step.hands_on_min, "mixes" => step.mixes }
      end
    end
  end
end
