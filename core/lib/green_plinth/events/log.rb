# frozen_string_literal: true

module GreenPlinth
  module Events
    # What happened, in order: the same whichever order it was told in, how often, and by which device. What was taken back is as if
    # it had not been; taking back what takes back brings it back.
    class Log
      # @param events [Enumerable<Event>]
      def initialize(events)
        @told = events.to_h { |event| [event.id, event] }
      end

      # @return [Array<Event>] what holds, in the order in which it happened
      def events
        @events ||= @told.values.select { |event| event.kind != "took_back" && holds?(event.id) }.sort_by(&:place).freeze
      end

      # @return [Array<Event>] everything that was told, in order
      def all = @told.values.sort_by(&:place)

      # @param instant [Float] seconds
      # @return [Log] as far as it had come before then
      def before(instant) = Log.new(all.select { |event| event.instant < instant })

      # @return [Boolean] whether an event of this id stands
      def holds?(id) = @told.key?(id) && !taken_back?(id, [])

      private

      # Two that take each other back in a circle both stand.
      def taken_back?(id, path)
        return false if path.include?(id)

        (takers[id] || []).any? { |taker| !taken_back?(taker, [*path, id]) }
      end

      def takers
        @takers ||= @told.each_value.select { |event| event.kind == "took_back" }.group_by { |event| event.data["event"].to_s.downcase }
          .transform_values { |events| events.map(&:id) }
      end
    end
  end
end
