# frozen_string_literal: true

module GreenPlinth
  class Design
    # A piece of the plinth file that knows its place in it.
    class Part
      attr_reader :data, :pointer

      # @param data [Hash] frozen; as in the file
      # @param pointer [String] RFC 6901, from the file's root
      def initialize(data, pointer)
        @data = data
        @pointer = pointer
      end

      def id = data["id"]
      def [](key) = data[key]
      def kind = data["kind"]
      def outline = data["outline"]

      # @return [String] for sentences: the maker's name, or the id spelt out
      def name = data["name"] || data["title"] || id.to_s.tr("_-", "  ")
    end
  end
end
