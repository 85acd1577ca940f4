# frozen_string_literal: true

module GreenPlinth
  module Screens
    # A build as the shelf shows it: what is kept of its evaluation, so that nothing has to be computed to list it, and what
    # of that is told at a moment.
    class ShelfCard
      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
      end

      # @return [Hash] to be kept with the build
      def summary
        snags = @evaluation.snags
        { "title" => @design.title, "purpose" => @design.purpose.key, "scale" => @design.to_h["scale"], "copies" => @design.copies,
          "bounds_mm" => Plan::Outline.size(@design.plinth.outline).map { |side| side.to_f.round(4) },
          "kind" => @design.plinth.outline["kind"], "finish_by" => @design.calendar.data["finish_by"], "snags" => snags.size,
          "stops" => snags.count { |snag| snag.severity == "stops" }, "drawing" => @evaluation.drawing }.merge(dates)
      end

      # @param file [Hash] of which nothing can be computed
      # @return [Hash] to be kept with the build: what the file itself says, and that the rest is not known
      def self.bare(file)
        text = ->(key) { file[key].is_a?(String) ? file[key] : "" }
        { "title" => text["title"], "purpose" => text["purpose"], "scale" => file["scale"].is_a?(Numeric) ? file["scale"] : 1,
          "copies" => 1, "bounds_mm" => [100.0, 100.0], "kind" => "rectangle", "finish_by" => nil, "snags" => 0, "stops" => 0,
          "drawing" => PlanDrawing::NOTHING, "ready_at" => nil, "late_min" => nil, "steps" => [], "broken" => true }
      end

      # @param summary [Hash] as kept
      # @param now [String] a moment
      # @return [Hash] what is next and what stands drying then, instead of all the steps
      def self.at(summary, now)
        steps = summary["steps"] || []
        coming = steps.find { |step| step["finish"] >= now }
        wet = steps.select { |step| step["finish"] <= now && step["ready"] > now }
        summary.except("steps").merge("next" => coming&.slice("title", "start"), "wet" => wet.map { |step| step.slice("title", "ready") })
      end

      private

      def dates
        return { "ready_at" => nil, "late_min" => nil, "steps" => [] } if @evaluation.infeasible

        answer = @evaluation.schedule
        { "ready_at" => Moment.format(answer.ready_at), "late_min" => @design.calendar.finish_by&.then { |by| answer.ready_at - by },
          "steps" => steps(answer) }
      end

      def steps(answer)
        titles = @evaluation.steps.to_h { |step| [step.id, step.title] }
        placed = answer.network.steps.map do |step|
          { "start" => Moment.format(answer.start(step.id)), "finish" => Moment.format(answer.finish(step.id)),
            "ready" => Moment.format(answer.ready(step.id)), "title" => titles[step.id] }
        end
        placed.sort_by { |step| step["start"] }
      end
    end
  end
end
