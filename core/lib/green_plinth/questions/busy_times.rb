# frozen_string_literal: true

module GreenPlinth
  module Questions
    # What in a maker's own calendar falls into their sittings, and the change that shuts the bench then.
    class BusyTimes
      # They are read so far ahead, days.
      MOST_DAYS = 400

      # @param design [Design]
      # @param text [String] iCalendar; raises InvalidFile
      def initialize(design, text)
        @design = design
        start = design.calendar.start
        @spans = design.calendar.met_by(Imports::BusyIcs.new(text, from: start, to: start + (MOST_DAYS * Moment::DAY)).spans)
      end

      # @return [Hash] away: spans as the file has them; patch: none where nothing meets a sitting
      def to_h = { "away" => away, "patch" => away.empty? ? [] : [patch] }

      private

      def away = @away ||= @spans.map { |from, to| { "from" => Moment.format(from), "to" => Moment.format(to) } }

      def patch
        all = ((@design.calendar.data["away"] || []) + away).uniq
        return { "op" => "add", "path" => "/calendar/away", "value" => all } if @design.to_h["calendar"]

        { "op" => "add", "path" => "/calendar", "value" => { "away" => all } }
      end
    end
  end
end
