# frozen_string_literal: true

require "icalendar"

module GreenPlinth
  module Exports
    # The sittings as calendar events with the steps inside, in the workshop's local time (RFC 5545 floating time), the ends
    # of drying, and the ready date as one of its own. An alarm rings where somebody waits for what becomes dry, and never at night.
    class CalendarIcs < Export
      code "ics"
      title "Calendar file"
      beside :order
      type "text/calendar"
      weight 20

      # Nobody is rung up from this hour to that one (from memory).
      NIGHT = [22, 7].freeze

      # @return [String] raises Infeasible where no schedule exists
      def write
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Green Plinth//green-plinth 1//EN"
        answer = @evaluation.schedule
        Schedule::Sittings.of(answer).each_with_index { |sitting, index| calendar.add_event(sitting_event(sitting, index, answer)) }
        drying(answer).each { |at, ids| calendar.add_event(dry_event(at, ids)) }
        calendar.add_event(ready_event(answer))
        calendar.publish
        calendar.to_ical
      end

      private

      def titles = @titles ||= @evaluation.steps.to_h { |step| [step.id, step] }

      def sitting_event(sitting, index, answer)
        from = sitting.steps.map { |id| answer.start(id) }.min
        to = [sitting.steps.map { |id| answer.finish(id) }.max, from + 1].max
        steps = sitting.steps.map { |id| line(id, answer) }
        event("sitting-#{index + 1}", from, to, "#{@design.title}: sitting #{index + 1}", steps.join("\n"))
      end

      def line(id, answer)
        step = titles.fetch(id)
        "#{Moment.format(answer.start(id))[11, 5]} #{step.title} (#{Moment.span(step.hands_on_min)})"
      end

      # What becomes dry when, where something has to dry at all.
      def drying(answer)
        wet = answer.network.steps.select { |step| step.tail_min.positive? }
        wet.map(&:id).group_by { |id| answer.ready(id) }.sort
      end

      # A minute that takes nobody's time; its identity is that of what dries, so that it moves when the plan does.
      def dry_event(at, ids)
        names = ids.map { |id| titles.fetch(id).title }
        key = Digest::SHA256.hexdigest(ids.join(" "))[0, 12]
        event("dry-#{key}", at, at + 1, "#{@design.title}: #{parts(ids).join(", ")} dry", names.join("\n")).tap do |event|
          event.transp = "TRANSPARENT"
          alarmed(event, "#{@design.title}: #{parts(ids).join(", ")} dry. #{names.join("; ")}") if ids.any? { |id|
 waited?(id) } && !night?(at)
        end
      end

      # What parts they are steps of, as the order of work names them.
      def parts(ids)
        @rows ||= @evaluation.order_rows.flat_map { |row| row["steps"].map { |step| [step["id"], row["name"]] } }.group_by(&:first)
        ids.flat_map { |id| (@rows[id] || []).map(&:last) }.uniq
      end

      # By a step that must follow within a time, or that a sitting begins with.
      def waited?(id)
        first = Schedule::Sittings.of(@evaluation.schedule).map { |sitting| sitting.steps.first }
        @evaluation.steps.any? { |step| step.after.any? { |wait| wait.first == id && (wait.at_most_min || first.include?(step.id)) } }
      end

      def night?(at)
        hour = at / 60 % 24
        hour >= NIGHT[0] || hour < NIGHT[1]
      end

      def alarmed(event, words)
        event.alarm do |alarm|
          alarm.action = "DISPLAY"
          alarm.description = words
          alarm.trigger = "PT1M" # the gem writes no duration of nothing
        end
      end

      def ready_event(answer)
        event("ready", answer.ready_at, answer.ready_at + 1, "#{@design.title} is ready", "The last layer is dry through.")
      end

      def event(name, from, to, summary, text)
        Icalendar::Event.new.tap do |event|
          event.uid = "#{name}-#{@key}@green-plinth"
          event.dtstamp = Icalendar::Values::DateTime.new(time(@at), "tzid" => "UTC")
          event.dtstart = floating(from)
          event.dtend = floating(to)
          event.summary = summary
          event.description = text
        end
      end

      def floating(minutes) = Icalendar::Values::DateTime.new(time(minutes).strftime("%Y%m%dT%H%M%S"))
      def time(minutes) = Time.at(minutes * 60).utc.to_datetime
    end
  end
end
