# frozen_string_literal: true

require "time"

module GreenPlinth
  # Local time of the workshop as whole minutes since 1970-01-01T00:00, without zone: what the core counts in.
  module Moment
    PATTERN = /\A(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)(?::(\d\d))?\z/
    # Names of the days by their short ones; the first of January 1970 was a Thursday.
    DAYS = { "mon" => "Monday", "tue" => "Tuesday", "wed" => "Wednesday", "thu" => "Thursday", "fri" => "Friday", "sat" => "Saturday",
             "sun" => "Sunday" }.freeze
    FIRST_DAY = 3
    private_constant :FIRST_DAY
    DAY = 1440

    module_function

    # @param text [String] "2027-03-01T19:30" or with seconds, which round up to the next minute
    # @return [Integer] minutes; raises ArgumentError where no such moment exists
    def parse(text)
      match = PATTERN.match(text.to_s) or raise ArgumentError, "#{text} is not a moment like 2027-03-01T19:30"
      year, month, day, hour, minute, second = match.captures.map(&:to_i)
      raise ArgumentError, "#{text} is not a day of the calendar" unless Date.valid_date?(year, month, day)

      (Time.utc(year, month, day, hour, minute).to_i / 60) + (second.zero? ? 0 : 1)
    end

    # @return [String] "2027-03-01T19:30"
    def format(minutes) = Time.at(minutes * 60).utc.strftime("%Y-%m-%dT%H:%M")

    # @return [String] "Mon 1 Mar, 19:30"
    def words(minutes) = Time.at(minutes * 60).utc.strftime("%a %-d %b, %H:%M")

    # @return [String] "mon"
    def day_name(minutes) = DAYS.keys[((minutes / DAY) + FIRST_DAY) % 7]

    # @return [Integer] the midnight at or before
    def midnight(minutes) = minutes - (minutes % DAY)

    # @param text [String] "19:30"
    # @return [Integer] minutes since midnight
    def clock(text) = text.split(":").then { |hour, minute| (hour.to_i * 60) + minute.to_i }

    # A span of minutes in words: 95 → "1 h 35 min", 2880 → "2 days".
    def span(minutes)
      return "#{(minutes * 60).round} s" if minutes < 1
      return "#{minutes.round} min" if minutes < 60

      whole = minutes.round
      hours, rest = whole.divmod(60)
      return rest.zero? ? "#{hours} h" : "#{hours} h #{rest} min" if hours < 48

      days = (hours / 24.0).round(1)
      "#{days == days.to_i ? days.to_i : days} days"
    end
  end
end
