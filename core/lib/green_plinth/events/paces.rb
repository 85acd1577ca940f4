# frozen_string_literal: true

module GreenPlinth
  module Events
    # How long hands were really on steps, and how often they were done again, by the way of working, as a log tells it.
    class Paces
      # minutes planned by the catalogue alone and as timed.
      Pace = Struct.new(:id, :technique, :planned_min, :spent_min, keyword_init: true)
      # A timer that was forgotten, or tapped twice, tells nothing: beyond these ratios (from memory).
      CREDIBLE = (0.1..10.0)

      # @param log [Log]
      def initialize(log)
        @log = log
      end

      # @return [Array<Pace>] of steps that were timed from beginning to end, the oldest first
      def paces
        standing = Hash.new { |all, id| all[id] = StepStanding.new(id, 1) }
        events.filter_map do |event|
          next came_off(event, standing) if event.kind == "redone"

          one = standing[event.step]
          again = one.done?
          one.take(event, [1])
          pace(event, one) if event.kind == "laid" && !again
        end
      end

      # @return [Hash{String => Array(Integer, Integer)}] by technique: done again, done
      def redos
        events.each_with_object({}) do |event, seen|
          technique = event.of&.fetch("technique", nil) or next
          pair = (seen[technique] ||= [0, 0])
          pair[0] += 1 if event.kind == "redone"
          pair[1] += 1 if event.kind == "laid"
        end
      end

      private

      # With all that came off with it: what is timed from then on is another go.
      def came_off(event, standing)
        [event.step, *event.data["off"]].uniq.each { |id| standing[id].undone(event, [1]) }
        nil
      end

      # Bases one by one are told by the whole only, which nobody has planned.
      def events
        @events ||= @log.events.select { |event| event.step && event.copies.nil? && !event.marked? && Event::AT_THE_BENCH.include?(event.kind) }
      end

      def pace(event, one)
        planned = event.of&.fetch("catalogue_min", nil) || event.of&.fetch("planned_min", nil)
        return unless planned&.positive? && one.spent_s.positive? && event.of["technique"]

        spent = one.spent_s / 60
        return unless CREDIBLE.cover?(spent / planned)

        Pace.new(id: event.id, technique: event.of["technique"], planned_min: planned, spent_min: spent)
      end
    end
  end
end
