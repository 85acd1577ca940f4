# frozen_string_literal: true

module GreenPlinth
  class Kinds
    # One kind: its words, its traits and whatever else its record says.
    class Kind
      attr_reader :key, :traits

      # @param data [Hash] as in core/data/kinds
      def initialize(key, data)
        @key = key.freeze
        @data = data.freeze
        @traits = (data["traits"] || []).freeze
      end

      def name = @data["name"]
      def [](member) = @data[member]
      def trait?(trait) = traits.include?(trait)

      # @return [Boolean] whether it holds where nobody says
      def usual? = @data["usual"] == true

      # @return [String] its key: what files and answers hold
      def to_s = key

      def to_json(*arguments) = key.to_json(*arguments)
      def to_h = @data.merge("key" => key)
    end
  end
end
