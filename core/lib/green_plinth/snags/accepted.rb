# frozen_string_literal: true

module GreenPlinth
  module Snags
    # What the maker wants so, though it is a snag: told apart, with the reason. What stops the work cannot be wanted.
    class Accepted
      # @param file [Hash] a plinth file
      def initialize(file)
        @file = file
        @entries = file["accepted"] || []
      end

      # @param snags [Array<Snag>]
      # @return [Array(Array<Snag>, Array<Snag>)] those that count, and those that are wanted
      def parted(snags) = @entries.empty? ? [snags, []] : snags.partition { |snag| entry(snag).nil? }

      # @return [Hash, nil] of the file
      def entry(snag)
        return if snag.severity == "stops"

        @entries.find { |entry| entry["code"] == snag.code && entry["of"] == of(snag) }
      end

      # @return [String, nil] the id of the innermost part that a snag is told of
      def of(snag)
        at = @file
        snag.where.to_s.delete_prefix("/").split("/").filter_map do |key|
          at = at.is_a?(Array) ? at[key.to_i] : (at[key] if at.is_a?(Hash))
          at["id"] if at.is_a?(Hash)
        end.last
      end

      # @return [Integer, nil] where its entry stands in the file
      def index(snag) = entry(snag)&.then { |entry| @entries.index(entry) }

      # @return [Hash] of a snag for the pages: of which part it would be wanted, and why it is
      def to_h(snag)
        found = entry(snag)
        snag.to_h.merge("of" => of(snag), "wanted" => found && { "reason" => found["reason"], "path" => "/accepted/#{index(snag)}" })
      end
    end
  end
end
