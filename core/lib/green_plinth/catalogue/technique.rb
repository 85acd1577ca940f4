# frozen_string_literal: true

module GreenPlinth
  class Catalogue
    # A way of working: how long hands are on it, what it is held by, what to look at.
    class Technique
      attr_reader :key, :phase

      # @param data [Hash] as in core/data/techniques.yml
      # @param phase [Kinds::Kind] whose traits it has beside its own
      # @param pace [Float] by how much longer the maker is at it than usual
      def initialize(key, data, phase, pace = 1.0)
        @pace = pace
        @key = key
        @data = data.freeze
        @kind = phase
        @phase = phase.key.to_sym
        @traits = [*data["traits"], *phase.traits].freeze
      end

      def rig = @data["rig"]
      def per = @data["per"]
      def glue = @data["glue"]
      def cautions = @data["cautions"] || []
      def look = @data["look"]
      def trouble = @data["trouble"]

      # @return [Array<String>] reminders for the moment in which it is done
      def notes = @data["notes"] || []
      def window = @data["window"]
      def splittable? = @data["splittable"] == true
      def shut? = @data["shut"] == true
      def setup_min = @data["setup_min"]
      def [](name) = @data[name]
      def trait?(name) = @traits.include?(name)
      def to_h = @data.merge("key" => key)

      # @param amount [Float] of what `per` counts
      # @return [Float] minutes
      def hands_on(amount) = (setup_min + (@data["rate_min"] * amount)) * @pace

      # @return [Float] see at_pace
      attr_reader :pace

      # @param pace [Float] by how much longer the maker is at it than usual
      # @return [Technique] the same one where that is nothing new
      def at_pace(pace) = pace == @pace ? self : Technique.new(key, @data, @kind, pace)

      # @return [String] the title with its blanks filled; a blank without a word is dropped
      def title(words)
        @data["title"].gsub(/%\{(\w+)\}/) { words[Regexp.last_match(1).to_sym].to_s }.squeeze(" ").strip
          .then { |text| text.empty? ? key.tr("_", " ").capitalize : text[0].upcase + text[1..] }
      end
    end
  end
end
