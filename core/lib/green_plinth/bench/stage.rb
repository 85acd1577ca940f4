# frozen_string_literal: true

module GreenPlinth
  module Bench
    # How a build stands at one moment, for the maker at the bench: what is under hand, what runs out, what is wet, what comes next.
    class Stage
      # So many of the last things that happened can be taken back at a tap.
      RECENT = 12

      # @param evaluation [Evaluation] of the build as it stands
      # @param log [Events::Log]
      # @param minute [Integer] by the clock on the wall
      # @param instant [Float] the same in seconds since 1970, UTC
      # @param evaluate [#call] Design → Evaluation
      # @param troubles [Hash{String => Array<Hash>}] what went wrong before, by technique, see Events::Troubles
      def initialize(evaluation, log, minute, instant, evaluate, troubles: {})
        @evaluation = AsOf.new(evaluation, evaluate).at_bench(minute)
        @log = log
        @minute = minute
        @instant = instant
        @troubles = troubles
        @design = evaluation.design
        @standing = Events::Standing.new(log, @design.copies)
        @by_id = evaluation.steps.to_h { |step| [step.id, step] }
      end

      # @return [Hash] JSON-ready
      def to_h
        { "at" => Moment.format(@minute), "in_hand" => @standing.in_hand.filter_map { |one| in_hand(one) }, "windows" => windows,
          "recent" => recent, "batches" => batches, "troubles" => troubles,
          "clean_up" => clean_up, "to_use" => UsedHere.new(@evaluation, @log, laid_here).to_a }.merge(planned)
      end

      private

      def planned
        return unplanned if @evaluation.infeasible

        { "ready_at" => Moment.format(@evaluation.schedule.ready_at), "sitting" => sitting, "coming" => coming, "wet" => wet,
          "next_sitting" => moment(beginnings.next_sitting), "beginnings" => beginnings.now.map { |one| beginning(one) },
          "left_here" => left_here, "trouble" => nil }
      end

      # What happened goes on being noted; only dates are missing.
      def unplanned
        { "ready_at" => nil, "sitting" => nil, "next_sitting" => nil, "beginnings" => [], "coming" => nil, "wet" => [], "left_here" => [],
          "trouble" => @evaluation.infeasible.message }
      end

      def beginnings = @beginnings ||= Beginnings.new(@evaluation, @minute)
      def moment(minute) = minute && Moment.format(minute)

      def sitting
        beginnings.sitting&.then do |from, to|
          { "from" => Moment.format(from), "to" => Moment.format(to), "left_min" => to - @minute }
        end
      end

      # running_since: seconds since 1970 in UTC.
      def in_hand(one)
        ids = @evaluation.steps.select { |step| step.work_id == one.id }.map(&:id)
        return if ids.empty?

        { "step" => ids.find { |id| !@design.progress.done.key?(id) } || ids.first, "work" => one.id, "begun" => Moment.format(one.begun),
          "running_since" => one.running_since&.to_f, "spent_s" => one.spent_s.round(3), "laid" => one.laid.keys.sort }.merge(rate(one))
      end

      # Minutes that a base took so far, and when the last is in hand at that rate; unknown until one is done.
      def rate(one)
        return { "each_min" => nil, "last_at" => nil } if one.laid.empty?

        each = one.spent_s(@instant) / 60 / one.laid.size
        left = @design.copies - one.laid.size
        { "each_min" => each.round(2), "last_at" => (Moment.format(@minute + (each * left).ceil) if one.running?) }
      end

      def windows
        mixed = @log.events.select { |event| event.kind == "used" && event.data["mixed"] && event.step }
          .to_h { |event| [event.step, event.minute] }
        Windows.new(@evaluation.steps, @evaluation.batches.stands, @standing, @evaluation.catalogue, mixed: mixed,
          clock: @design.calendar.clock).at(@minute).map do |one|
          { "kind" => one.kind, "step" => one.step, "title" => one.title, "after" => one.after, "from" => Moment.format(one.from),
            "opens" => Moment.format(one.opens), "closes" => Moment.format(one.closes), "state" => one.state(@minute), "why" => one.why,
            "how" => one.how.to_h }
        end
      end

      def beginning(one)
        { "step" => one.step.id, "slack_min" => one.slack_min, "not_now" => one.not_now,
          "planned" => Moment.format(@evaluation.schedule.start(one.step.id)) }
      end

      def coming = beginnings.coming&.then { |one| { "step" => one.step.id, "at" => Moment.format(one.at) } }

      # What was laid and is not dry yet, by its place.
      def wet
        names = @design.placed.to_h { |part| [part.pointer, part.name] }
        @design.progress.done.filter_map do |id, finished|
          step = @by_id[id] or next
          dry = @evaluation.schedule.ready(id)
          next if dry <= @minute || finished > @minute

          { "step" => id, "title" => step.title, "where" => step.where,
            "names" => step.where.filter_map { |where| names[where.split("/").first(3).join("/")] }.uniq, "laid" => Moment.format(finished),
            "touch" => Moment.format(finished + (step.stages.handle_min || 0)), "dry" => Moment.format(dry) }
        end.sort_by { |one| one["dry"] }
      end

      # Bases of a step, one by one.
      def batches
        return nil if @design.copies == 1

        { "copies" => @design.copies }
      end

      # What the plan had for this sitting and is not done yet.
      def left_here
        span = beginnings.sitting or return []
        @evaluation.steps.reject { |step| @design.progress.done.key?(step.id) }
          .select { |step| @evaluation.schedule.start(step.id).between?(@minute, span.last - 1) }
          .sort_by { |step| @evaluation.schedule.start(step.id) }.map(&:id)
      end

      def troubles
        ids = [*@standing.in_hand.map(&:id), *(@evaluation.infeasible ? [] : beginnings.now.map { |one| one.step.id })]
        techniques = @evaluation.steps.select { |step| ids.include?(step.id) || ids.include?(step.work_id) }.map(&:technique).uniq
        @troubles.slice(*techniques).map { |technique, list| { "technique" => technique, "times" => list.last(3).reverse } }
      end

      def clean_up = CleanUp.new(@evaluation.catalogue, laid_here).lines

      # What was worked on in this sitting, or today.
      def laid_here
        from = @evaluation.infeasible || beginnings.sitting.nil? ? Moment.midnight(@minute) : beginnings.sitting.first
        @log.events.select { |event| %w[started resumed laid].include?(event.kind) && event.minute >= from && event.minute <= @minute }
          .filter_map { |event| @by_id[event.step] || @evaluation.steps.find { |step| step.work_id == event.step } }.uniq(&:id)
      end

      def recent
        @log.events.last(RECENT).reverse.map { |event| event.to_h.merge("title" => @by_id[event.step]&.title || event.of&.dig("title")) }
      end
    end
  end
end
