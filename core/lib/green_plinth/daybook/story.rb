# frozen_string_literal: true

module GreenPlinth
  module Daybook
    # What really was, day by day: each step as it was planned and as it went, what went wrong and why, what was noted, seen and
    # photographed, what it cost so far.
    class Story
      # Kinds of events that are told by themselves; what concerns a step's timer is told with the step.
      TOLD = %w[redone skipped seen_dry still_wet noted pictured measured used].freeze
      Happening = Struct.new(:kind, :at, :step, :title, :text, :picture, :part, :colour, keyword_init: true)

      # One step as it was planned at first and as it went; minutes of Moment; nil where unknown.
      #   spent_min: hands on it; waited_min: from when it was laid to when it was seen dry; redos: how often it was done again.
      Went = Struct.new(:step, :title, :planned_start, :planned_min, :planned_ready, :begun, :finished, :spent_min, :ready, :dry,
        :foretold_min, :redos, :skipped, :colour, keyword_init: true)

      # @param evaluation [Evaluation] of the build as it stands
      # @param first [Evaluation] the same before anything was done
      # @param log [Events::Log]
      def initialize(evaluation, first, log)
        @evaluation = evaluation
        @first = first
        @log = log
        @design = evaluation.design
        @standing = Events::Standing.new(log, @design.copies)
        @steps = evaluation.steps.to_h { |step| [step.id, step] }
      end

      def title = @design.title
      def words = @design.member("story")

      # @return [Array<Went>] what was begun, in the order in which it was
      def went
        @went ||= @standing.works.values.select { |one| one.begun || one.laid.any? || one.skipped || one.redone.any? }
          .map { |one| step_went(one) }.sort_by { |one| [one.begun || one.finished || 0, one.title] }
      end

      # @return [Hash{Integer => Array}] what is told of each day, by its midnight: Went of what was finished, and Happening, in order
      def days
        entries = went.select(&:finished).map { |one| [one.finished, one] } + told.map { |one| [one.at, one] }
        entries.sort_by { |minute, one| [minute, one.title.to_s] }.group_by { |minute, _| Moment.midnight(minute) }
          .transform_values { |pairs| pairs.map(&:last) }
      end

      # @return [Array<Happening>]
      def told
        @told ||= @log.events.select { |event| TOLD.include?(event.kind) && !event.data["underlay"] && !air?(event) }
          .map { |event| tell(event) }
      end

      # @return [Array<Array(Integer, String, Float)>] minute, what (temperature or humidity) and value, as measured
      def climate
        @log.events.select { |event| air?(event) }.map { |event| [event.minute, event.data["what"], event.data["value"].to_f] }
      end

      # @return [Integer] minor units: what the steps that are done have used up, as far as prices are known, with what was done again
      def spent_minor = lines.sum { |line| line.used_minor || 0 } + again_minor

      # @return [Array<String>] names of what was used that nobody knows a price of
      def unpriced = lines.select { |line| line.used_minor.nil? }.map(&:name)

      # @return [Float] minutes that hands were on it, as far as it was timed
      def hands_on_min = went.sum { |one| one.spent_min || 0.0 }

      # @return [Array<Integer>] numbers of its pictures
      def pictures = told.filter_map(&:picture).uniq

      # @return [Hash] JSON-ready
      def to_h
        told = days.map { |day, list| { "day" => Moment.format(day)[0, 10], "entries" => list.map { |one| entry(one) } } }
        { "title" => title, "words" => words, "days" => told,
          "spent_minor" => spent_minor, "unpriced" => unpriced, "hands_on_min" => hands_on_min.round(1),
          "planned_min" => went.sum { |one| one.planned_min || 0 }, "redos" => went.sum(&:redos),
          "from" => moment(span&.first), "to" => moment(span&.last),
          "climate" => climate.map { |minute, what, value| { "at" => Moment.format(minute), "what" => what, "value" => value } } }
      end

      # @return [Array(Integer, Integer), nil] from the first minute to the last of what is drawn
      def span
        minutes = went.flat_map { |one| [one.planned_start, one.planned_ready, one.begun, one.finished, one.ready] }.compact
        minutes.minmax if minutes.any?
      end

      private

      # The air is a trace of its own.
      def air?(event) = event.kind == "measured" && AIR.include?(event.data["what"])

      AIR = %w[temperature humidity].freeze
      private_constant :AIR

      def moment(minute) = minute && Moment.format(minute)

      def step_went(one)
        step, plan, row = step_of(one.id), planned(one.id), one.done_rows.first
        Went.new(step: one.id, title: step&.title || past(one.id) || one.id, planned_start: plan&.first, planned_ready: plan&.last,
          planned_min: step&.hands_on_min, begun: one.begun || began(one.id), finished: one.skipped || one.finished,
          spent_min: row&.dig("hands_on_min") || (one.spent_s / 60 if one.spent_s.positive?), ready: ready(one), dry: one.dry,
          foretold_min: step&.tail_min, redos: one.redone.size, skipped: !one.skipped.nil?, colour: colour(step))
      end

      # @return [Integer, nil] minute that the last base is dry, as foretold now
      def ready(one)
        return if @evaluation.infeasible

        answer = @evaluation.schedule
        one.done_rows.map { |row| row["step"] }.select { |id| answer.starts.key?(id) }.map { |id| answer.ready(id) }.max
      end

      # Of a batch all its steps.
      def step_of(id) = @steps[id] || @evaluation.steps.find { |step| step.work_id == id }
      def past(id) = @log.all.reverse.find { |event| event.step == id && event.of }&.of&.fetch("title", nil)
      def began(id) = @log.events.find { |event| event.step == id && %w[started laid].include?(event.kind) }&.minute

      def planned(id)
        return if @first.infeasible

        answer = @first.schedule
        ids = answer.starts.keys.select { |key| Events::Batch.work(key) == id }
        ids.empty? ? nil : [ids.map { |key| answer.start(key) }.min, ids.map { |key| answer.ready(key) }.max]
      end

      def colour(step)
        return unless step

        @evaluation.palette.tones.find { |tone| (tone["where"] & step.where).any? }&.fetch("colour")
      end

      def tell(event)
        words = [*event.data.values_at("what", "why", "fact", "text"), measured(event), used(event)]
        text = words.compact.reject(&:empty?).join(": ")
        title = (step_of(event.step) if event.step)&.title || event.of&.dig("title")
        Happening.new(kind: event.kind, at: event.minute, step: event.step, title: title,
          text: text.empty? ? nil : text, picture: event.data["picture"], part: event.data["part"], colour: event.data["colour"])
      end

      UNITS = { "temperature" => "°C", "humidity" => "%", "thickness" => "mm", "mass" => "g" }.freeze
      private_constant :UNITS

      def measured(event)
        event.kind == "measured" ? "#{format("%g", event.data["value"])} #{UNITS.fetch(event.data["what"])}" : nil
      end

      def used(event)
        return unless event.kind == "used"

        amount = event.data["amount"] ? "#{format("%g", event.data["amount"])} #{event.data["unit"]} of " : "stirred up "
        "#{amount}#{@evaluation.catalogue.name(event.data["material"])}"
      end

      def lines
        ids = @design.progress.done.keys.reject { |id| @design.progress.skipped?(id) }
        @lines ||= shopping(@evaluation.steps.select { |step| ids.include?(step.id) })
      end

      # What was laid and came off again.
      def again_minor
        @log.events.select { |event| event.kind == "redone" }.sum do |event|
          steps = [event.step, *event.data["off"]].uniq.filter_map { |id| @steps[id] }
          shopping(steps).sum { |line| line.used_minor || 0 }
        end
      end

      def shopping(steps) = Quantities::Shopping.new(steps, @evaluation.catalogue, @design.copies).lines

      def entry(one)
        return went_entry(one) if one.is_a?(Went)

        { "kind" => one.kind, "at" => Moment.format(one.at), "step" => one.step, "title" => one.title, "text" => one.text,
          "picture" => one.picture, "part" => one.part, "colour" => one.colour }
      end

      def went_entry(one)
        { "kind" => one.skipped ? "left_out" : "done", "at" => Moment.format(one.finished), "step" => one.step, "title" => one.title,
          "begun" => moment(one.begun), "planned_min" => one.planned_min, "spent_min" => one.spent_min&.round(1),
          "planned_start" => moment(one.planned_start), "foretold_min" => one.foretold_min,
          "dry_min" => one.dry && (one.dry - one.finished), "redos" => one.redos, "colour" => one.colour }
      end
    end
  end
end
