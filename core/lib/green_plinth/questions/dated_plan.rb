# frozen_string_literal: true

module GreenPlinth
  module Questions
    # What is asked of a build where several are looked at together: its steps and their dates, without the ground and all that
    # was computed on the way to them. Plain data, so that it can be kept with the build and read again; minutes of Moment.
    class DatedPlan
      # A step and its dates. possible: the earliest minute at which all it waits for allows it; slack_min: by how much it may
      # slip before the build does; cautions: sentences; node: how the scheduler knows it; takes: what it uses up, as data; begun: minute
      # that it was begun and not finished, nil else.
      Planned = Struct.new(:id, :title, :hands_on_min, :tail_min, :cautions, :start, :possible, :slack_min, :node, :takes, :begun,
        keyword_init: true) do
        def finish = start + node.hands_on_min
      end

      # @param evaluation [Evaluation]
      # @return [DatedPlan]; raises Infeasible
      def self.of(evaluation) = new(Telling.new(evaluation).to_h)

      # @return [Hash] JSON-ready
      attr_reader :to_h

      # @param data [Hash] as to_h has it
      def initialize(data)
        @to_h = data
      end

      def title = to_h["title"]

      # @return [Integer] when it is ready by its own plan
      def ready_at = to_h["ready_at"]

      # @return [Integer, nil] when it is wanted
      def finish_by = calendar.finish_by

      # @return [Design::Calendar]
      def calendar = @calendar ||= Design::Calendar.new(to_h["calendar"])

      # @return [Array<Planned>]
      def steps
        @steps ||= to_h["steps"].map do |row|
          Planned.new(id: row["id"], title: row["title"], hands_on_min: row["hands_on_min"], tail_min: row["tail_min"],
            cautions: row["cautions"], start: row["start"], possible: row["possible"], slack_min: row["slack_min"], node: node(row),
            takes: row["takes"] || [], begun: row["begun"])
        end
      end

      # @return [Boolean] whether it is told what is done: then nothing is taken as done because it was planned
      def told? = to_h["told"] == true

      # @return [Array(String, Array<Array(Integer, Integer)>)] parts by name, and from when to when each is wet
      def wet = to_h["wet"]

      # @return [Set<String>] ids of the steps that are done
      def done = @done ||= steps.select { |step| step.node.done? }.to_set(&:id)

      # @return [Schedule::Network] that its own plan is of
      def network
        @network ||= Schedule::Network.new(start: to_h["start"], sittings: calendar.sittings, hands: calendar.hands, steps: nodes,
          clock: calendar.clock)
      end

      # @return [Hash{String => Integer}] minutes that must follow each step, whatever the hours of the bench
      def tails = Schedule::Bounds.new(Schedule::Network.new(start: to_h["start"], hands: 1, steps: nodes)).tails

      # @param starts [Hash{String => Integer}]
      # @return [Integer] when it is ready, done so
      def ready(starts)
        nodes.map { |node| later(starts[node.id] + node.hands_on_min, node.tail_min) }.max || to_h["start"]
      end

      private

      def nodes = steps.map(&:node)
      def later(minute, wait) = calendar.clock ? calendar.clock.later(minute, wait) : minute + wait

      def node(row)
        ids = @ids ||= to_h["steps"].map { |one| one["id"] }
        after = row["after"].map { |first, least, most| Wait.new(first: ids[first], at_least_min: least, at_most_min: most) }
        Schedule::Node.new(id: row["id"], hands_on_min: row["done"] ? 0 : row["hands_on_min"], tail_min: row["tail_min"] || 0, after: after,
          at: row["at"], not_before: row["not_before"], stay_min: row["stay_min"])
      end

      # A plan as data, from the evaluation it is of.
      class Telling
        def initialize(evaluation)
          @evaluation = evaluation
          @design = evaluation.design
          @answer = evaluation.schedule
          @network = @answer.network
        end

        def to_h
          { "title" => @design.title, "start" => @network.start, "ready_at" => @answer.ready_at, "calendar" => @design.calendar.data,
            "told" => told?, "wet" => wet,
            "steps" => @evaluation.made_of(:planned_steps, @answer, @evaluation.batches) { @evaluation.steps.map { |step| step(step) } } }
        end

        private

        def progress = @design.progress
        def told? = progress.done.any? || progress.begun.any?

        def step(step)
          node = @network.by_id[step.id]
          { "id" => step.id, "title" => step.title, "hands_on_min" => step.hands_on_min, "tail_min" => step.tail_min,
            "cautions" => @evaluation.catalogue.caution_lines(step.cautions), "start" => @answer.start(step.id),
            "possible" => timeline.possible_from[step.id], "slack_min" => @answer.slack[step.id], "done" => node.done?, "at" => node.at,
            "not_before" => node.not_before, "stay_min" => node.stay_min, "takes" => takes[step.id], "begun" => progress.begun[step.id]&.at,
            "after" => node.after.map { |wait| [@network.places[wait.first], wait.at_least_min, wait.at_most_min] } }.compact
        end

        # What has to be there by then: material, colour, amount and unit of each.
        def takes = @takes ||= @evaluation.takes

        def timeline = @timeline ||= Timeline.new(@evaluation.steps, @answer)

        # What was not begun is not wet.
        def laid
          return timeline unless told?

          Timeline.new(@evaluation.steps.select { |step| progress.done.key?(step.id) || progress.begun.key?(step.id) }, @answer)
        end

        # Courses count with the ground they lie on.
        def wet
          names = @design.placed.to_h { |part| [part.pointer, part.name] }
          @evaluation.made_of(:planned_wet, @answer, @evaluation.batches, names) { wet_parts(names) }
        end

        def wet_parts(names)
          parts = laid.spans.group_by { |where, _| where.split("/").first(3).join("/") }
          parts.filter_map { |where, spans| names[where] && [names[where], spans.flat_map { |_, span| span.wet }] }
        end
      end
      private_constant :Telling
    end
  end
end
