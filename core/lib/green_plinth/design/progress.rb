# frozen_string_literal: true

module GreenPlinth
  class Design
    # What was really done, and what the maker has fixed, by step id: what follows from the events at the bench. Minutes as in Moment.
    class Progress
      # A step under hand: since when, for how many minutes hands were on it, and whether they are now.
      Begun = Struct.new(:at, :spent_min, :running)

      # @param data [Hash] the file's `progress`
      def initialize(data)
        @data = data
      end

      # @return [Integer, nil] what is not done yet begins no earlier
      def as_of = @data["as_of"] && Moment.parse(@data["as_of"])

      # @return [Hash{String => Integer}] when each was finished, or left out
      def done = @done ||= moments("done", "finished")

      # @return [Hash{String => Integer}] when each is to begin
      def pinned = @pinned ||= moments("pinned", "at")

      # @return [Hash{String => Integer}] when each was seen to be dry
      def dry = @dry ||= moments("done", "dry")

      # @return [Hash{String => Integer}] when each was seen not to be dry yet
      def wet = @wet ||= moments("done", "wet")

      # @return [Hash{String => Begun}] what is under hand
      def begun
        @begun ||= rows("begun").to_h do |row|
          [row["step"], Begun.new(Moment.parse(row["at"]), row["spent_min"] || 0.0, row["running"] == true)]
        end
      end

      # @return [Array<Array(Integer, Float, Float)>] the room's air as it was read: minute, °C, %; nil where one was not
      def air = @air ||= rows("air").map { |row| [Moment.parse(row["at"]), row["temperature_c"], row["humidity_pct"]] }

      # @return [Boolean] whether it was left out on purpose
      def skipped?(id) = (@skipped ||= rows("done").select { |row| row["skipped"] }.to_h { |row| [row["step"], true] }).key?(id)

      private

      def rows(list) = @data[list] || []
      def moments(list, key) = rows(list).select { |row| row[key] }.to_h { |row| [row["step"], Moment.parse(row[key])] }
    end
  end
end
