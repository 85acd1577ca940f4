# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # When each part of a base comes to be: begun, laid, dry. What a rehearsal of the build is drawn from.
    class Timeline
      # Preparing, trying and marking make nothing that is seen.
      UNSEEN = %i[prepare dry_fit treat].freeze

      # @param steps [Array<Steps::Step>]
      # @param answer [Answer]
      def initialize(steps, answer)
        @steps = steps
        @answer = answer
      end

      # @return [Array<Hash>] by pointer, the first to be begun first; the dates of all copies taken together
      def parts
        made.map do |where, steps|
          { "where" => where, "begun" => told(steps.map { |step| @answer.start(step.id) }.min), "laid" => told(steps.map { |step| @answer.finish(step.id) }.max),
            "dry" => told(steps.map { |step| @answer.ready(step.id) }.max) }
        end.sort_by { |part| part["begun"] }
      end

      # @return [Hash{String => String}] for each step the earliest moment at which all it waits for allows it
      def possible
        @steps.to_h do |step|
          earliest = step.after.map { |after| @answer.finish(after.step) + after.at_least_min }.max
          [step.id, told([earliest || @answer.network.start, @answer.network.start].max)]
        end
      end

      private

      def made
        @steps.reject { |step| UNSEEN.include?(step.phase) }.each_with_object(Hash.new { |hash, key| hash[key] = [] }) do |step, parts|
          step.where.each { |where| parts[where] << step }
        end
      end

      def told(minutes) = Moment.format(minutes)
    end
  end
end
