# frozen_string_literal: true

module GreenPlinth
  module Events
    # How one work stands: since when it is under hand, for how long the hands were on it, which bases are done, and what was seen of
    # its drying. Minutes as in Moment; seconds are differences of instants.
    class StepStanding
      # A redo: when, what went wrong and why.
      Redo = Struct.new(:minute, :event, :what, :why, keyword_init: true)
      # Bases laid within so many minutes of each other count as laid together.
      TOGETHER_MIN = 120

      attr_reader :id, :begun, :dry, :wet, :skipped, :redone, :running_since, :laid

      def initialize(id, copies)
        @id = id
        @copies = copies
        @redone = []
        afresh
      end

      # @return [Boolean] whether all bases are done, or it was left out
      def done? = !skipped.nil? || laid.size == @copies

      # @return [Boolean] whether it was begun and is not done
      def in_hand? = !done? && !begun.nil?

      def running? = !running_since.nil?

      # @param instant [Float, nil] seconds; what runs is counted up to then
      # @return [Float] seconds of hands-on time
      def spent_s(instant = nil) = @spent_s + (running? && instant ? [instant - running_since, 0].max : 0)

      # @return [Integer, nil] minute that the last base was laid
      def finished = laid.values.max

      def take(event, copies)
        case event.kind
        when "started", "resumed" then run(event)
        when "paused" then pause(event)
        when "laid" then lay(event, copies)
        when "skipped" then skip(event)
        when "seen_dry" then @dry = event.minute if laid.any?
        when "still_wet" then @wet = event.minute if laid.any?
        end
      end

      # It went wrong: these bases are as if they had never been laid.
      def undone(event, copies)
        @redone << Redo.new(minute: event.minute, event: event.id, what: event.data["what"], why: event.data["why"])
        left = laid.except(*copies)
        afresh
        @laid = left
      end

      # @return [Array<Hash>] rows of `done`, one for bases that were laid together
      def done_rows
        return [{ "step" => id, "finished" => Moment.format(skipped), "skipped" => true }] if skipped

        runs.map { |copies| done_row(copies) }
      end

      # @return [Hash, nil] a row of `begun`
      def begun_row
        return unless in_hand?

        { "step" => id, "at" => Moment.format(begun), "spent_min" => (@spent_s / 60).round(2),
          "running" => running? || nil }.compact
      end

      private

      def afresh
        @begun = @running_since = @dry = @wet = @skipped = @said_min = nil
        @spent_s = 0.0
        @laid = {}
      end

      def run(event)
        @begun ||= event.minute
        @running_since ||= event.instant
      end

      def pause(event)
        return unless running?

        @spent_s += [event.instant - running_since, 0].max
        @running_since = nil
      end

      # What was laid before is not laid again: a second tap says nothing.
      def lay(event, copies)
        copies.each { |copy| laid[copy] ||= event.minute }
        @said_min = event.data["hands_on_min"] || @said_min
        pause(event) if laid.size == @copies
      end

      def skip(event)
        pause(event)
        @skipped = event.minute
      end

      def runs
        laid.keys.sort.slice_when { |a, b| b != a + 1 || (laid[b] - laid[a]).abs > TOGETHER_MIN }.map { |run| run.first..run.last }
      end

      def done_row(copies)
        { "step" => Batch.id(id, copies, @copies), "finished" => Moment.format(copies.map { |copy| laid[copy] }.max),
          "hands_on_min" => (hands_on_min if copies == (1..@copies)), "dry" => dry && Moment.format(dry),
          "wet" => wet && Moment.format(wet) }.compact
      end

      # As somebody said, or as the timer ran; else unknown.
      def hands_on_min = @said_min || (@spent_s.positive? ? (@spent_s / 60).round(2) : nil)
    end
  end
end
