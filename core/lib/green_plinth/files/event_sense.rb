# frozen_string_literal: true

module GreenPlinth
  module Files
    # What an event of the right shape may still get wrong.
    module EventSense
      # What each kind cannot do without: of the event itself, and of its data.
      NEEDS = { "started" => ["step"], "resumed" => ["step"], "paused" => ["step"], "laid" => ["step"], "skipped" => ["step"],
                "still_wet" => ["step"], "redone" => ["step"], "pinned" => ["step", "data/to"], "replanned" => ["data/from"],
                "used" => ["data/material"], "measured" => ["data/what", "data/value"], "noted" => ["data/text"],
                "pictured" => ["data/picture"], "forgot" => ["data/factor"], "took_back" => ["data/event"] }.freeze
      # What can be measured, and between what: mm, °C, %, g.
      MEASURED = { "thickness" => (0..1000), "temperature" => (-60..80), "humidity" => (0..100), "mass" => (0..1_000_000) }.freeze

      module_function

      # @param row [Hash] of the schema's shape
      # @param pointer [String]
      # @return [Array<Problem>]
      def problems(row, pointer = "")
        found = (NEEDS[row["kind"]] || []).reject { |name| there?(row, name) }
          .map { |name| Problem.new("#{pointer}/#{name}", "is needed by what is #{row["kind"]}") }
        found << Problem.new("#{pointer}/at", "#{row["at"]} is not a moment of the calendar") unless Events::Event.moment?(row["at"])
        found << Problem.new("#{pointer}/data/what", "must be one of #{MEASURED.keys.join(", ")}") if row["kind"] == "measured" &&
          row.dig("data", "what") && !MEASURED.key?(row["data"]["what"])
        found.concat(range(row, pointer)) if row["kind"] == "measured"
        found + days(row["data"] || {}, pointer)
      end

      def range(row, pointer)
        range, value = MEASURED[row.dig("data", "what")], row.dig("data", "value")
        return [] if range.nil? || value.nil? || range.cover?(value)

        [Problem.new("#{pointer}/data/value", "must lie between #{range.min} and #{range.max}")]
      end

      # Days that no calendar has.
      def days(data, pointer)
        data.slice("to", "from").compact.filter_map do |key, text|
          Moment.parse(text)
          nil
        rescue ArgumentError => e
          Problem.new("#{pointer}/data/#{key}", e.message)
        end
      end

      def there?(row, name)
        *above, key = name.split("/")
        (above.empty? ? row : row.dig(*above) || {}).key?(key)
      end
    end
  end
end
