# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A thick compound under cloth that went on while it was wet, painted over before it can have dried through.
    class ShutIn < Check
      code "dry/shut_in"
      severity "spoils"
      weight 246

      def snags
        return [] if @evaluation.infeasible

        @evaluation.steps.select { |step| on_wet?(step) }.flat_map { |cloth| beneath(cloth).filter_map { |wet| judged(wet, cloth) } }
      end

      private

      def on_wet?(step) = catalogue.technique(step.technique)&.trait?("on_wet") || false
      def schedule = @evaluation.schedule

      # What it was laid on without waiting, and is wet for long.
      def beneath(cloth)
        found = cloth.after.select { |wait| wait.at_least_min.zero? }.filter_map { |wait| steps[wait.first] }
        found.select { |step| step.tail_min.to_i.positive? && schedule.start(cloth.id) < dry_at(step) && bulk?(step) }
      end

      def bulk?(step) = catalogue.technique(step.technique)&.phase == :bulk
      def steps = @steps ||= @evaluation.steps.to_h { |step| [step.id, step] }
      def dry_at(step) = schedule.finish(step.id) + step.tail_min

      # Paint, paste or filler that closes the cloth.
      def judged(wet, cloth)
        closing = @evaluation.steps.select { |step| step.after.any? { |wait| wait.first == cloth.id } && step.material && !step.unseen }
          .min_by { |step| schedule.start(step.id) }
        return unless closing && schedule.start(closing.id) < dry_at(wet)

        early = dry_at(wet) - schedule.start(closing.id)
        snag(cloth.where.first || "", "“#{wet.title}” is shut in: “#{closing.title}” closes it #{Moment.span(early)} before it can have " \
                                      "dried, #{Moment.words(dry_at(wet))}.", waited(wet, closing))
      end

      def waited(wet, closing)
        patch = Steps::Wishes.patch(design, wet, closing, at_least_min: wet.tail_min.ceil)
        Fix.new("let it dry first", patch) if patch.any?
      end
    end
  end
end
