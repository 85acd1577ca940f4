# frozen_string_literal: true

require "icalendar"
require "ice_cube"

module GreenPlinth
  module Imports
    # The busy times of a maker's own calendar (RFC 5545): repeated events written out, what is free, cancelled or past left
    # out, overlaps joined. Local and zoned times are taken as the workshop's wall clock; UTC as this computer's local time.
    class BusyIcs
      MOST_TIMES = 5000
      MOST_REPEATED = 500
      DAY = Moment::DAY
      # What repeats more often than daily is no appointment.
      TOO_OFTEN = /FREQ=(SECONDLY|MINUTELY|HOURLY)|BY(HOUR|MINUTE|SECOND)=[^;]*,/i

      # @param text [String] the file
      # @param from [Integer] minutes: earlier times do not matter
      # @param to [Integer] minutes: nor do later ones
      def initialize(text, from:, to:)
        @text = text
        @from = from
        @to = to
      end

      # @return [Array<Array(Integer, Integer)>] minutes, in order; raises InvalidFile
      def spans
        repeated = events.count { |event| event.rrule.any? }
        refuse("has more than #{MOST_REPEATED} events that repeat: export a shorter while") if repeated > MOST_REPEATED
        times = events.flat_map { |event| times_of(event) }
        refuse("has more than #{MOST_TIMES} times in it: export a shorter while") if times.size > MOST_TIMES
        times.select { |from, to| to > @from && from < @to && to > from }.sort.each_with_object([]) do |(from, to), joined|
          if joined.any? && from <= joined.last.last then joined.last[1] = [joined.last.last, to].max
          else joined << [from, to]
          end
        end
      end

      private

      def refuse(why) = raise(InvalidFile, [Problem.new("/text", why)])

      def events = @events ||= read

      # Given nonsense, the parser stumbles over itself: a NameError, or a NoMethodError, is its way to say so.
      def read
        calendars = Icalendar::Calendar.parse(@text.dup)
        refuse("is no calendar file: it has no VCALENDAR in it") if calendars.empty?
        calendars.flat_map(&:events).reject { |event| event.transp.to_s.casecmp?("TRANSPARENT") || event.status.to_s.casecmp?("CANCELLED") }
      rescue Icalendar::Parser::ParseError, ArgumentError, NameError, EncodingError => e
        refuse("is no calendar file that can be read: #{e.message.lines.first.to_s.strip[0, 120]}")
      end

      def times_of(event)
        return [] unless event.dtstart

        from = minute(event.dtstart)
        long = length(event, from)
        starts(event, from, long).map { |start| [start, start + long] }
      end

      # A whole day where only a day is named; no time at all where no end is.
      def length(event, from)
        return minute(event.dtend) - from if event.dtend
        return duration(event.duration) if event.duration

        day?(event.dtstart) ? DAY : 0
      end

      def duration(value)
        parts = value.value
        (((((parts.weeks * 7) + parts.days) * 24) + parts.hours) * 60) + parts.minutes
      end

      def starts(event, from, long)
        return [from] if event.rrule.empty?

        rules = event.rrule.map(&:value_ical)
        refuse("has an event that repeats more often than daily, #{event.summary.to_s[0, 60]}: take it out") if rules.any?(TOO_OFTEN)
        refuse("has an event that repeats since before 1970, #{event.summary.to_s[0, 60]}: take it out") if from.negative?
        repeated(rules, event.exdate.flatten.map { |date| minute(date) }, from, long)
      rescue ArgumentError => e
        refuse("has an event whose repetition cannot be read, #{event.summary.to_s[0, 60]}: #{e.message[0, 100]}")
      end

      def repeated(rules, left_out, from, long)
        schedule = IceCube::Schedule.new(time(from))
        rules.each { |rule| schedule.add_recurrence_rule(IceCube::Rule.from_ical(rule)) }
        schedule.occurrences_between(time([@from - long, from].max), time(@to)).map { |one| one.to_time.to_i / 60 } - left_out
      end

      # Wall clock as if it were UTC, as everywhere in the core.
      def time(minutes) = Time.at(minutes * 60).utc

      def day?(value) = !value.respond_to?(:hour)

      def minute(value)
        return Time.utc(value.year, value.month, value.day).to_i / 60 if day?(value)

        at = utc?(value) ? value.to_time.localtime : value
        Time.utc(at.year, at.month, at.day, at.hour, at.min).to_i / 60
      end

      def utc?(value) = value.respond_to?(:tz_utc) && value.tz_utc
    end
  end
end
