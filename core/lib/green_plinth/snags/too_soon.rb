# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Work that was done before what lies beneath it had dried.
    class TooSoon < Check
      code "dry/too_soon"
      severity "spoils"
      weight 245

      def snags
        done = design.progress.done
        return [] if done.size < 2 || @evaluation.infeasible

        @evaluation.steps.select { |step| done.key?(step.id) }.filter_map { |step| judged(step, done) }
      end

      private

      # The wait that was cut short by most.
      def judged(step, done)
        began = done[step.id] - step.hands_on_min
        short = step.after.select { |wait| done.key?(wait.first) && wait.at_least_min.positive? }
          .map { |wait| [wait, done[wait.first] + wait.at_least_min - began] }.max_by(&:last)
        return unless short && short.last > GRACE_MIN

        under = @evaluation.steps.find { |one| one.id == short.first.first }
        snag(step.where.first || "", "“#{step.title}” was done #{Moment.span(short.last)} before “#{under.title}” was dry: " \
                                     "look for soft spots, and let it stand before anything goes on.")
      end

      # Nobody marks a step to the minute.
      GRACE_MIN = 15
      private_constant :GRACE_MIN
    end
  end
end
