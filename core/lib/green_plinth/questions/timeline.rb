# frozen_string_literal: true

module GreenPlinth
  module Questions
    # When each part of a base comes to be: begun, laid, dry. What a rehearsal of the build is drawn from.
    class Timeline
      # Minutes of Moment; wet: from the beginning of a step to where its work is dry, for each step, overlaps joined.
      Span = Struct.new(:begun, :laid, :dry, :wet) do
        # @return [Integer, nil] until when it is wet at this minute
        def wet_until(minute) = wet.find { |from, to| from <= minute && minute < to }&.last
      end

      # @param steps [Array<Steps::Step>]
      # @param answer [Answer]
      def initialize(steps, answer)
        @steps = steps
        @answer = answer
      end

      # @return [Hash{String => Span}] by pointer, the first to be begun first; the dates of all copies taken together
      def spans
        @spans ||= made.transform_values do |ids|
          wet = joined(ids.map { |id| [@answer.start(id), @answer.ready(id)] })
          Span.new(wet.first.first, ids.map { |id| @answer.finish(id) }.max, wet.last.last, wet)
        end.sort_by { |_, span| span.begun }.to_h
      end

      # @return [Hash{String => Integer}] for each step the earliest minute at which all it waits for allows it
      def possible_from
        start = @answer.network.start
        @possible_from ||= @steps.to_h do |step|
          after = @answer.network.by_id[step.id].after
          [step.id, after.map { |wait| @answer.network.later(@answer.finish(wait.first), wait.at_least_min) }.push(start).max]
        end
      end

      # @param technique [String]
      # @param minute [Integer]
      # @return [Boolean] whether any step of it is begun by then
      def begun_by?(technique, minute) = @steps.any? { |step| step.technique == technique && @answer.start(step.id) <= minute }

      # @return [Array<Hash>] the spans as data
      def parts
        spans.map do |where, span|
          { "where" => where, "begun" => Moment.format(span.begun), "laid" => Moment.format(span.laid), "dry" => Moment.format(span.dry),
            "wet" => span.wet.map { |from_to| from_to.map { |minute| Moment.format(minute) } } }
        end
      end

      # @return [Hash{String => String}] the same as moments
      def possible = possible_from.transform_values { |minutes| Moment.format(minutes) }

      private

      # Work that needs no drying leaves nothing wet when it is done, but is under hand while it lasts.
      def joined(spans)
        spans.sort.each_with_object([]) do |(from, to), wet|
          if wet.any? && from <= wet.last.last then wet.last[1] = [wet.last.last, to].max
          else wet << [from, to]
          end
        end
      end

      def made
        @steps.reject(&:unseen).each_with_object(Hash.new { |hash, key| hash[key] = [] }) do |step, parts|
          step.where.each { |where| parts[where] << step.id }
        end
      end
    end
  end
end
