# frozen_string_literal: true

module GreenPlinth
  module Bench
    # Times within which something must be done, or may still be, as they run from what was really done: what follows a step within a
    # window, how long what was laid can be worked, and by when what was stirred up has to be laid.
    class Windows
      # kind: "follow" (another step must be begun), "work" (what was laid can be shaped) or "pot" (what was mixed must be laid).
      #   step: id of what is to be done, title: what; after: title of what it runs from; opens, closes: minutes; why: in a few words;
      #   how: Reckoning of when it closes.
      Window = Struct.new(:kind, :step, :title, :after, :from, :opens, :closes, :why, :how, keyword_init: true) do
        # @return [String] waits, open or missed
        def state(minute)
          return "waits" if minute < opens

          minute <= closes ? "open" : "missed"
        end
      end
      # A window that was missed is told for so long, minutes.
      TOLD_MIN = 2 * Moment::DAY

      # @param steps [Array<Steps::Step>]
      # @param stands [Batching::AsItStands]
      # @param standing [Events::Standing]
      # @param catalogue [Catalogue]
      # @param mixed [Hash{String => Integer}] when the batch in hand was stirred up, by step
      # @param clock [Clock, nil] of the place
      def initialize(steps, stands, standing, catalogue, mixed: {}, clock: nil)
        @steps = steps
        @stands = stands
        @standing = standing
        @catalogue = catalogue
        @mixed = mixed
        @clock = clock
        @by_id = steps.to_h { |step| [step.id, step] }
      end

      # @param minute [Integer]
      # @return [Array<Window>] what closes first, first; what was missed last
      def at(minute)
        (following + working + pots).select { |one| one.closes >= minute - TOLD_MIN && (one.kind == "follow" || one.closes >= minute) }
          .sort_by { |one| [one.closes < minute ? 1 : 0, one.closes] }
      end

      private

      # A step that was begun in time has met its window.
      def following
        @steps.reject { |step| @stands.done?(step.id) || @stands.begun?(step.id) }.flat_map do |step|
          step.after.select(&:at_most_min).filter_map { |wait| follow(step, wait) }
        end
      end

      def follow(step, wait)
        finished = @stands.finished(wait.first) or return
        seen = @stands.seen(wait)
        closes = later(finished, seen.at_most_min)
        Window.new(kind: "follow", step: step.id, title: step.title, after: @by_id[wait.first].title, from: finished,
          opens: later(finished, seen.at_least_min), closes: closes, why: wait.why,
          how: how(closes, "when what it follows was finished + the most that it may wait; it opens after the least",
            [moment("finished", finished), min("the least", seen.at_least_min), min("the most", seen.at_most_min)], wait.why))
      end

      # What was laid, as long as it can be shaped: a window of its material for this way of working.
      def working
        @steps.filter_map do |step|
          finished = @stands.finished(step.id) or next
          range = workable(step) or next
          name = @catalogue.technique(step.technique)&.window.to_s
          closes = later(finished, range.last)
          Window.new(kind: "work", step: step.id, title: step.title, after: step.title, from: finished, opens: later(finished, range.first),
            closes: closes, why: name.tr("_", " "), how: how(closes, "when it was laid + how long the material can be worked so",
              [moment("laid", finished), min("from", range.first), min("to", range.last)], source(step, "windows")))
        end
      end

      # @return [Array(Numeric, Numeric), nil] minutes
      def workable(step)
        name = @catalogue.technique(step.technique)&.window or return
        @catalogue[step.stages.material || step.material]&.windows&.fetch(name, nil)&.then { |range| [range.first, range.last] }
      end

      # What is under hand and sets: from when it was stirred up, or else from when it was begun.
      def pots
        @standing.in_hand.filter_map do |one|
          step = @by_id[one.id] or next
          open = step.stages.open_min or next
          from = @mixed[one.id] || one.begun
          closes = later(from, open.floor)
          Window.new(kind: "pot", step: step.id, title: step.title, after: step.title, from: from, opens: from, closes: closes,
            why: "it sets", how: how(closes, "when it was stirred up + how long it stays open in the air of the bench",
              [moment(@mixed[one.id] ? "stirred up" : "begun", from), min("stays open", open)], source(step, "open_min")))
        end
      end

      def how(closes, formula, inputs, source)
        Reckoning.new(key: "window", name: "closes", value: Moment.format(closes), unit: "moment", formula: formula, inputs: inputs,
          source: source || "from memory")
      end

      def moment(name, minute) = Reckoning::Input.new(name, Moment.format(minute), "moment")
      def min(name, minutes) = Reckoning::Input.new(name, minutes.to_f.round(1), "min")
      def source(step, figure) = @catalogue[step.stages.material || step.material]&.source(figure)

      def later(minute, wait) = @clock ? @clock.later(minute, wait) : minute + wait
    end
  end
end
