# frozen_string_literal: true

module GreenPlinth
  class Design
    # What was really done, and what the maker has fixed. Minutes as in Moment, by step id.
    class Progress
      # @param data [Hash] the file's `progress`
      def initialize(data)
        @data = data
      end

      # @return [Integer, nil] what is not done yet begins no earlier
      def as_of = @data["as_of"] && Moment.parse(@data["as_of"])

      # @return [Hash{String => Integer}] when each was finished
      def done = @done ||= moments("done", "finished")

      # @return [Hash{String => Integer}] when each is to begin
      def pinned = @pinned ||= moments("pinned", "at")

      private

      def moments(list, key) = (@data[list] || []).to_h { |row| [row["step"], Moment.parse(row[key])] }
    end
  end
end
