# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A mix that sets before it can be laid: mixed at once, some of it ends in the bin.
    class BatchOverWindow < Check
      code "supply/batch_over_window"
      severity "advice"
      weight 10

      def snags
        mixed = @evaluation.steps.select { |step| step.mixes.to_i > 1 }
        mixed.group_by(&:work_id).map do |_, steps|
          step = steps.first
          sets = "#{catalogue.name(step.material).capitalize} sets in #{Moment.span(step.stages.open_min.round)}"
          snag(step.where.first, "#{sets}, and laying it takes longer: mix it in #{steps.sum(&:mixes)} batches, not at once.")
        end
      end
    end
  end
end
