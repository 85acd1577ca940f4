# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A mix that sets before it can be laid: mixed at once, some of it ends in the bin.
    class BatchOverWindow < Check
      code "supply/batch_over_window"
      severity "advice"

      def snags
        mixed = @evaluation.order.steps.select { |step| step.mixes.to_i > 1 }
        mixed.group_by(&:work_id).map do |_, steps|
          step = steps.first
          snag(step.where.first, "#{catalogue.name(step.material).capitalize} sets in #{Moment.span(step.stages.open_min.round)}, and laying it takes longer: " \
                                 "mix it in #{steps.sum(&:mixes)} batches, not at once.")
        end
      end
    end
  end
end
