# frozen_string_literal: true

module GreenPlinth
  module Bench
    # The plan as it was before a moment against the plan now: which steps moved, by how much the date did, and what moved it.
    class Moved
      # So many things that happened are looked at one by one; of more only the last.
      MOST = 24
      # A step that moved by less is where it was, minutes.
      STILL_MIN = 5

      # @param design [Design] as it stands
      # @param log [Events::Log]
      # @param since [Float] instant, seconds
      # @param minute [Integer] now, by the clock on the wall
      # @param evaluate [#call] Design → Evaluation
      def initialize(design, log, since, minute, evaluate)
        @design = design
        @log = log
        @since = since
        @minute = minute
        @evaluate = evaluate
        @titles = {}
      end

      # @return [Hash] JSON-ready; "before" nil where there was no plan
      def to_h
        before, now = at(@log.before(@since)), at(@log, @minute)
        { "stopped" => dated(stopped), "before" => dated(before), "now" => dated(now),
          "moved_min" => before && now && (now.ready_at - before.ready_at), "why" => (why(before, now) if before && now),
          "steps" => before && now ? steps(before, now) : [] }
      end

      private

      # If the maker stops now.
      # @return [Schedule::Answer, nil] nil where no sitting comes
      def stopped
        later = @design.calendar.sittings&.map(&:first)&.find { |from| from > @minute }
        later && at(@log, later)
      end

      # @param minute [Integer, nil] that it is planned from at the earliest
      # @return [Schedule::Answer, nil] nil where no dates can be given
      def at(log, minute = nil)
        progress = Events::Standing.new(log, @design.copies).progress
        evaluation = @evaluate.call(@design.with("progress", progress))
        evaluation = AsOf.new(evaluation, @evaluate).at(minute) if minute
        evaluation.steps.each { |step| @titles[step.id] = step.title }
        evaluation.schedule
      rescue Infeasible
        nil
      end

      def dated(answer) = answer && { "ready_at" => Moment.format(answer.ready_at) }

      def steps(before, now)
        (before.starts.keys & now.starts.keys).map do |id|
          { "step" => id, "title" => @titles[id], "before" => Moment.format(before.start(id)), "now" => Moment.format(now.start(id)),
            "before_ready" => Moment.format(before.ready(id)), "now_ready" => Moment.format(now.ready(id)),
            "done" => now.network.by_id[id].done?, "moved" => (now.start(id) - before.start(id)).abs >= STILL_MIN }
        end
      end

      # What moved the date by most, in one sentence.
      def why(before, now)
        total = now.ready_at - before.ready_at
        return "The ready date stands where it stood." if total.abs < STILL_MIN

        event, by = weightiest(before)
        direction = total.positive? ? "later" : "sooner"
        moved = "It is ready #{Moment.span(total.abs)} #{direction}"
        event ? "#{moved}, mostly because #{because(event, by, before)}." : "#{moved}, since what was planned by now was not begun."
      end

      # The event after which the date moved by most in the same direction as it did in all.
      # @return [Array(Events::Event, Integer)]
      def weightiest(before)
        last = before.ready_at
        known = @log.before(@since).all
        gains = fresh.map do |event|
          known += [event]
          answer = at(Events::Log.new(known))
          by = answer ? answer.ready_at - last : 0
          last = answer.ready_at if answer
          [event, by]
        end
        total = last - before.ready_at
        gains.select { |_, by| by.nonzero? && by.positive? == total.positive? }.max_by { |_, by| by.abs } || []
      end

      def fresh = @log.all.select { |event| event.instant >= @since && plans?(event) }.last(MOST)
      def plans?(event) = Events::Event::AT_THE_BENCH.include?(event.kind) || %w[pinned replanned took_back].include?(event.kind)

      def because(event, by, before)
        title = "“#{@titles[event.step] || event.of&.dig("title") || event.step}”"
        late = by.positive? ? "later" : "sooner"
        case event.kind
        when "redone" then "#{title} has to be done again#{reason(event)}"
        when "skipped" then "#{title} was left out"
        when "still_wet" then "#{title} was still wet at #{Moment.words(event.minute)}"
        when "seen_dry" then "#{title} was dry #{late} than foretold"
        when "pinned" then "#{title} was pinned"
        when "replanned" then "the rest is planned from #{Moment.words(Moment.parse(event.data["from"] || event.at[0, 16]))}"
        when "took_back" then "something was taken back"
        else finished(event, title, before)
        end
      end

      def reason(event) = event.data["why"] || event.data["what"] ? ": #{event.data["why"] || event.data["what"]}" : ""

      def finished(event, title, before)
        verb = event.kind == "laid" ? "done" : "begun"
        planned = before.starts[event.step] && (event.kind == "laid" ? before.finish(event.step) : before.start(event.step))
        return "#{title} was #{verb} at #{Moment.words(event.minute)}" unless planned

        by = event.minute - planned
        "#{title} was #{verb} #{Moment.span(by.abs)} #{by.positive? ? "later" : "sooner"} than planned"
      end
    end
  end
end
