# frozen_string_literal: true

module GreenPlinth
  module Files
    # A plinth file moved by whole days: every moment in it, what happened, and the days of the week on which the maker is at the bench.
    class Shifted
      MOMENT = /\A(\d{4}-\d\d-\d\d)(T\d\d:\d\d.*)\z/
      # Words of people hold no moments.
      WORDS = %w[title story name note text what why].freeze

      # @param file [Hash]
      def initialize(file)
        @file = file
      end

      # @param days [Integer]
      # @return [Hash]
      def by(days) = days.zero? ? @file : moved(@file, days)

      private

      def moved(value, days, key = nil)
        case value
        when Hash then value.to_h { |name, inner| [name, moved(inner, days, name)] }
        when Array then value.map { |inner| moved(inner, days, key) }
        when String then WORDS.include?(key) ? value : text(value, days, key)
        else value
        end
      end

      def text(value, days, key)
        names = Moment::DAYS.keys
        return names[(names.index(value) + days) % 7] if key == "day" && names.include?(value)

        match = MOMENT.match(value)
        match ? "#{Date.parse(match[1]) + days}#{match[2]}" : value
      end
    end
  end
end
