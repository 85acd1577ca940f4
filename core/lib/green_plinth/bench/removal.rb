# frozen_string_literal: true

module GreenPlinth
  module Bench
    # What comes off with a part that went wrong, and what it costs to do all of that again. A course takes off what was laid over it,
    # a zone or a form all that lies or stands on it.
    class Removal
      # An overlap smaller than this is a touch, mm².
      LEAST_MM2 = 1.0
      # A step to be done again: title; where: parts it is of; minutes by hand.
      Again = Struct.new(:step, :title, :where, :hands_on_min, keyword_init: true)

      # @param evaluation [Evaluation] of the build as it stands
      # @param pointer [String] of the part
      # @param evaluate [#call] Design → Evaluation
      # @param log [Events::Log]
      def initialize(evaluation, pointer, evaluate, log)
        @evaluation = evaluation
        @design = evaluation.design
        @pointer = pointer
        @evaluate = evaluate
        @log = log
      end

      # @return [Array<String>] pointers of all that comes off, the part itself first
      def parts = @parts ||= [@pointer, *(course ? over_course : on_part)].uniq

      # @return [Array<Again>] what was done and has to be done again, in the order of work
      def again
        @again ||= @evaluation.steps.select { |step| touched?(step) && done?(step) }
          .map { |step| Again.new(step: step.id, title: step.title, where: step.where, hands_on_min: step.hands_on_min) }
      end

      # @param event [Hash] what went wrong, as an event, without what comes off
      # @return [Hash] JSON-ready: what it would come to; the event to send
      def to_h(event)
        event = event.merge("data" => (event["data"] || {}).merge("off" => again.map(&:step), "part" => @pointer))
        event["step"] = again.first.step if again.any?
        { "parts" => parts, "again" => again.map { |one| one.to_h.transform_keys(&:to_s) }, "hands_on_min" => again.sum(&:hands_on_min),
          "cost_minor" => cost, "unpriced" => unpriced, "event" => (event if again.any?) }.merge(dates(event))
      end

      private

      def course = @course ||= (@design.courses + @design.outer_courses).find { |one| one.pointer == @pointer }
      def part = @design.placed.find { |one| one.pointer == @pointer }

      # In the same zone or feature what was laid later; of a zone what stands on it, too.
      def over_course
        host = course.host
        above = host.courses.drop(host.courses.index(course) + 1).map(&:pointer)
        above + (host.pointer.start_with?("/zones/") ? standing_on(area_of_zone(host)) : [])
      end

      def on_part
        return [] unless part
        return standing_on(area_of_zone(part)) if @pointer.start_with?("/zones/")
        return [] unless part.outlined? && @pointer.start_with?("/forms/")

        above_form + @design.zones.select { |zone| meet?(area_of_zone(zone), part.area) }.map(&:pointer) + standing_on(part.area)
      end

      def above_form
        @design.forms.drop(@design.forms.index(part) + 1).select { |form| form.outlined? && meet?(form.area, part.area) }.map(&:pointer)
      end

      def standing_on(area)
        return [] unless area

        standing = (@design.outlined_features + @design.waters).map { |one| [one, one.outlined? && one.area] } +
                   @design.subjects.map { |one| [one, one.footprint_area] }
        standing.reject { |one, _| one.pointer == @pointer }.select { |_, own| own && meet?(own, area) }.map { |one, _| one.pointer }
      end

      def area_of_zone(zone) = @evaluation.ground.area(@design.zones.index(zone))
      def meet?(one, other) = one && other && Plan::Geos.area(one.intersection(other)) > LEAST_MM2

      def touched?(step) = step.where.any? { |where| parts.any? { |part| where == part || where.start_with?("#{part}/") } }
      def done?(step) = progress.done.key?(step.id) && !progress.skipped?(step.id)
      def progress = @design.progress

      # What is used up of what has a price.
      def lines
        ids = again.map(&:step)
        steps = @evaluation.steps.select { |step| ids.include?(step.id) }
        @lines ||= Quantities::Shopping.new(steps, @evaluation.catalogue, @design.copies).lines
      end

      def cost = lines.sum { |line| line.used_minor || 0 }
      def unpriced = lines.select { |line| line.used_minor.nil? }.map(&:name)

      def dates(event)
        was = @evaluation.infeasible ? nil : @evaluation.schedule.ready_at
        then_ready = again.any? ? ready_after(event) : was
        { "ready_before" => was && Moment.format(was), "ready_after" => then_ready && Moment.format(then_ready),
          "later_min" => was && then_ready && (then_ready - was) }
      end

      def ready_after(event)
        log = Events::Log.new([*@log.all, Events::Event.of(event)])
        @evaluate.call(@design.with("progress", Events::Standing.new(log, @design.copies).progress)).schedule.ready_at
      rescue Infeasible
        nil
      end
    end
  end
end
