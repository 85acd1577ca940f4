# frozen_string_literal: true

module GreenPlinth
  module Events
    # Something that happened at the bench, as a device told it. Never changed once it is kept.
    #   id: a UUID that the device made; kind: one of KINDS; at: the moment with its offset from UTC, as text;
    #   step: id of the step it is of, nil where it is of the build or the workshop; copies: bases concerned, nil: all that the step serves;
    #   data: what the kind says besides; device: what told it; of: what the step was when it came in, see Snapshot.
    Event = Struct.new(:id, :kind, :at, :step, :copies, :data, :device, :of, keyword_init: true)

    class Event
      # In the order in which those of one instant are taken.
      KINDS = %w[started resumed paused laid skipped seen_dry still_wet redone pinned replanned used measured noted pictured forgot
        took_back].freeze
      # After these nothing that is not done can have begun before.
      AT_THE_BENCH = %w[started resumed paused laid skipped seen_dry still_wet redone].freeze
      PATTERN = /\A(\d{4}-\d\d-\d\dT\d\d:\d\d):(\d\d(?:\.\d{1,6})?)(Z|[+-]\d\d:\d\d)\z/

      # @param row [Hash] as a plinth file or a device has it
      # @return [Event]
      def self.of(row)
        new(id: row["id"].downcase, kind: row["kind"], at: row["at"], step: row["step"], copies: row["copies"], data: row["data"] || {},
          device: row["device"], of: row["of"]).freeze
      end

      # @param text [String]
      # @return [Boolean] whether it is a moment like 2027-03-01T19:30:05.250+01:00 that there is
      def self.moment?(text)
        match = PATTERN.match(text.to_s) or return false
        Moment.parse(match[1])
        match[2].to_f < 60 && (match[3] == "Z" || match[3][1..2].to_i <= 14)
      rescue ArgumentError
        false
      end

      # @return [Float] seconds since 1970 in UTC: what timers are differences of
      def instant = @instant ||= (minute * 60) + seconds - offset_s

      # @return [Integer] minute of Moment that the clock on the wall showed
      def minute = @minute ||= Moment.parse(parts[1])

      # @return [Array] what events are taken in the order of
      def place = [instant, KINDS.index(kind), id]

      # @return [Boolean] whether it was only marked in a file, so that nothing is said of what was not done by then
      def marked? = data["marked"] == true

      # @return [Hash] as a plinth file has it
      def to_h
        { "id" => id, "kind" => kind, "at" => at, "step" => step, "copies" => copies, "data" => (data unless data.empty?),
          "device" => device, "of" => of }.compact
      end

      # What is worked out once is worked out before it is frozen.
      def freeze
        instant
        super
      end

      private

      def parts = @parts ||= PATTERN.match(at)
      def seconds = parts[2].to_f

      def offset_s
        return 0 if parts[3] == "Z"

        hours, minutes = parts[3][1..].split(":").map(&:to_i)
        ((hours * 60) + minutes) * (parts[3][0] == "-" ? -60 : 60)
      end
    end
  end
end
