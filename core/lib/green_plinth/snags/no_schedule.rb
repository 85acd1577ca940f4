# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Work that no sitting can hold, or windows that contradict.
    class NoSchedule < Check
      code "schedule/impossible"
      severity "stops"
      weight 310

      def snags
        found = @evaluation.infeasible or return []

        [snag("/calendar/weekly", "No date can be given: #{words(found)}", longer(found))]
      end

      private

      # The reason names steps by id; people know them by title.
      def words(found)
        titles = @evaluation.steps.to_h { |step| [step.id, "“#{step.title}”"] }
        longest_first = found.steps.sort_by { |id| -id.size }
        longest_first.reduce(found.message) { |text, id| text.sub(/(?<![\w\/-])#{Regexp.escape(id)}(?![\w\/-])/, titles.fetch(id, id)) }
      end

      # The first evening, long enough for the longest step.
      def longer(found)
        row = design.calendar.data["weekly"]&.first or return
        longest = @evaluation.steps.select { |step| found.steps.include?(step.id) }.map(&:hands_on_min).max or return
        to = Moment.clock(row["from"]) + longest
        return if to >= Moment::DAY

        text = format("%02d:%02d", *to.divmod(60))
        put("stay until #{text} on #{row["day"].capitalize}", "/calendar/weekly/0/to", text)
      end
    end
  end
end
