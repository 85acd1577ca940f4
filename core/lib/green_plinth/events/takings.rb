# frozen_string_literal: true

module GreenPlinth
  module Events
    # How much of a material was really used up at steps, as a log tells it.
    class Takings
      # Amounts, both in the unit that was planned in.
      Taking = Struct.new(:id, :material, :planned, :used, keyword_init: true)
      # What lies beyond these ratios was mistyped (from memory).
      CREDIBLE = (0.1..10.0)
      # Pieces and sheets are counted as they are.
      MEASURED = %w[ml g].freeze

      # @param log [Log]
      def initialize(log)
        @log = log
      end

      # One for each material of a step, all that was used of it together; what came off and was laid again is another go.
      # @return [Array<Taking>] the oldest first
      def takings = goes.filter_map { |events| taking(events) }

      private

      # @return [Array<Array<Event>>] uses that belong together
      def goes
        open = {}
        @log.events.each_with_object([]) do |event, all|
          off = [event.step, *event.data["off"]] if event.kind == "redone"
          open.reject! { |(step, _), _| off.include?(step) } if off
          next unless event.kind == "used" && event.step && event.data["amount"]

          all << (open[[event.step, thing(event.data)]] = []) unless open.key?([event.step, thing(event.data)])
          open[[event.step, thing(event.data)]] << event
        end
      end

      def thing(data) = [data["material"], data["colour"]&.downcase, data["unit"]]

      def taking(events)
        planned = (events.first.of&.fetch("takes", nil) || []).select { |row| thing(row) == thing(events.first.data) }
          .sum { |row| row["amount"] || 0 }
        used = events.sum { |event| event.data["amount"] }
        return unless MEASURED.include?(events.first.data["unit"]) && planned.positive? && CREDIBLE.cover?(used / planned.to_f)

        Taking.new(id: events.last.id, material: events.first.data["material"], planned: planned.to_f, used: used.to_f)
      end
    end
  end
end
