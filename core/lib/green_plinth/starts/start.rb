# frozen_string_literal: true

module GreenPlinth
  module Starts
    # What a build may begin with: a plinth file of the product's own, made over for the scale and the base that are wanted.
    class Start
      FOLDER = File.expand_path("../../../data/starts", __dir__)

      attr_reader :key, :file

      # @return [Array<Start>] in the order to offer them
      def self.all = @all ||= YAML.safe_load_file(File.join(FOLDER, "order.yml")).map { |key| new(File.join(FOLDER, "#{key}.json")) }.freeze

      # @return [Start, nil]
      def self.of(key) = all.find { |start| start.key == key }

      def initialize(path)
        @key = File.basename(path, ".json")
        @file = Files::Json.parse(File.read(path)).freeze
      end

      def name = file["title"]

      # @return [String] one sentence of what is to be seen
      def story = file["story"]

      # @return [Hash] a plinth file without the words that are the start's own
      def scheme = file.except("story")
    end
  end
end
