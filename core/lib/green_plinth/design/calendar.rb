# frozen_string_literal: true

module GreenPlinth
  class Design
    # When the maker is at the bench.
    class Calendar
      # Where a file gives no start: a Monday like any other, so that an evaluation never depends on the clock.
      DEFAULT_START = "2027-03-01T00:00"
      # Sittings are laid out this far ahead; a build that needs longer is said to have none left.
      HORIZON_DAYS = 1100

      attr_reader :data

      # @param kinds [Kinds] whose objectives a plan may be for
      def initialize(data, kinds = Kinds.default)
        @data = data
        @kinds = kinds
      end

      def start = @start ||= Moment.parse(data["start"] || DEFAULT_START)
      def finish_by = data["finish_by"] && Moment.parse(data["finish_by"])
      # @return [Symbol] :ready_soonest, :fewest_sittings or :latest_start
      def objective = (data["objective"] || @kinds.usual("objectives").key).to_sym
      # @return [Clock, nil] nil where no place is named: then the clock is never changed
      def clock = @clock ||= data["time_zone"] && Clock.new(data["time_zone"], start)
      def hands = 1 + (data["helpers"] || 0)

      # @return [Array<Array(Integer, Integer)>, nil] free spans from the start on, in order; nil: always open
      def sittings
        @sittings ||= begin
          spans = weekly + spans_of("extra")
          spans = always if (data["weekly"] || []).empty?
          spans && less_away(merged(spans.filter_map { |from, to| [[from, start].max, to] if to > start }))
        end
      end

      # @param spans [Array<Array(Integer, Integer)>]
      # @return [Array<Array(Integer, Integer)>] those that take something of a sitting away; all where the bench is always open
      def met_by(spans)
        return spans unless sittings

        spans.select { |from, to| sittings.any? { |a, b| from < b && a < to } }
      end

      private

      def weekly
        rows = (data["weekly"] || []).group_by { |row| row["day"] }
        first = Moment.midnight(start) - Moment::DAY
        (0..HORIZON_DAYS).flat_map do |day|
          midnight = first + (day * Moment::DAY)
          (rows[Moment.day_name(midnight)] || []).map { |row| sitting(midnight, row) }
        end
      end

      # A sitting that ends before it begins goes on past midnight.
      def sitting(midnight, row)
        from = midnight + Moment.clock(row["from"])
        to = midnight + Moment.clock(row["to"])
        [from, to > from ? to : to + Moment::DAY]
      end

      # Without weekly sittings the bench is always open; away spans still close it.
      def always
        spans_of("away").empty? ? nil : [[start, start + (HORIZON_DAYS * Moment::DAY)]]
      end

      def spans_of(key) = (data[key] || []).map { |span| [Moment.parse(span["from"]), Moment.parse(span["to"])] }

      def merged(spans)
        spans.sort.each_with_object([]) do |(from, to), out|
          if out.any? && from <= out.last[1] then out.last[1] = [out.last[1], to].max
          else out << [from, to]
          end
        end
      end

      def less_away(spans)
        spans_of("away").reduce(spans) do |left, (from, to)|
          left.flat_map do |a, b|
            [[a, [b, from].min], [[a, to].max, b]].select { |x, y| y > x }
          end
        end
      end
    end
  end
end
