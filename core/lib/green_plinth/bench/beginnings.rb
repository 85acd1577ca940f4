# frozen_string_literal: true

module GreenPlinth
  module Bench
    # What can be begun at a moment, and whether it should be: whether it fits into what is left of the sitting, and whether what
    # must soon follow it would find the bench open.
    class Beginnings
      # step; slack_min: by how much it may slip before the ready date does; not_now: why it should not be begun any more, nil where
      # it may; later: what lets it be begun, where that is to come (minute).
      Beginning = Struct.new(:step, :slack_min, :not_now, keyword_init: true)
      Coming = Struct.new(:step, :at, keyword_init: true)

      # @param evaluation [Evaluation]
      # @param minute [Integer]
      def initialize(evaluation, minute)
        @evaluation = evaluation
        @minute = minute
        @answer = evaluation.schedule
        @network = @answer.network
        @sittings = evaluation.design.calendar.sittings
        @possible = evaluation.timeline.possible_from
      end

      # @return [Array<Beginning>] what can be begun: what may be first, what sets the date before what does not
      def now
        @now ||= waiting.select { |step| @possible[step.id] <= @minute && reached?(step) }
          .map { |step| Beginning.new(step: step, slack_min: @answer.slack[step.id], not_now: not_now(step)) }
          .sort_by { |one| [one.not_now ? 1 : 0, one.slack_min, @answer.start(one.step.id)] }
      end

      # @return [Coming, nil] what can be begun next, when something has dried
      def coming
        step = waiting.reject { |one| @possible[one.id] <= @minute || !foreseen?(one) }.min_by { |one| @possible[one.id] }
        step && Coming.new(step: step, at: @possible[step.id])
      end

      # @return [Array(Integer, Integer), nil] the sitting that the moment lies in; nil where it lies in none, or the bench is always open
      def sitting = @sittings&.find { |from, to| from <= @minute && @minute < to }

      # @return [Integer, nil] minutes that are left of it
      def left_min = sitting && (sitting.last - @minute)

      # @return [Integer, nil] when the next one begins
      def next_sitting = @sittings&.map(&:first)&.find { |from| from > @minute }

      private

      def progress = @evaluation.design.progress
      def waiting = @waiting ||= @evaluation.steps.reject { |step| progress.done.key?(step.id) || progress.begun.key?(step.id) }

      # What it waits for is done, not only foreseen to be.
      def reached?(step) = step.after.all? { |wait| progress.done.key?(wait.first) }
      alias foreseen? reached?

      def not_now(step)
        room = step.hands_on_min + (step.stay_min || 0)
        return "it takes #{Moment.span(room)}, and #{Moment.span(left_min)} are left" if left_min && room > left_min

        shut(step)
      end

      # Something must follow within a window in which nobody is at the bench.
      def shut(step)
        return unless @sittings

        finish = @minute + step.hands_on_min
        @evaluation.steps.each do |other|
          wait = other.after.find { |one| one.first == step.id && one.at_most_min } or next
          from, to = finish + wait.at_least_min, finish + wait.at_most_min
          next if @sittings.any? { |open, close| [open, from].max <= to && close - [open, from].max >= other.hands_on_min }

          return "“#{other.title}” must follow between #{Moment.words(from)} and #{Moment.words(to)}, when you are not at the bench"
        end
        nil
      end
    end
  end
end
