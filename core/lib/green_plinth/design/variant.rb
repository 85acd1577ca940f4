# frozen_string_literal: true

module GreenPlinth
  class Design
    # Copies of the build that differ from the others: how many, and what is other on them. Parts are told by their ids, so that it
    # stays with them however the lists change.
    class Variant < Part
      LISTS = %w[forms zones features subjects waters sides].freeze

      # @return [Integer] of the build's copies
      def count = data["count"] || 1

      # @return [Array<Integer>] places in the formation that its bases stand on, counted from the front left; fewer than there are
      #   bases where nobody says
      def places = data["places"] || []

      # @return [Array<String>] ids of parts that it does without
      def without = data["without"] || []

      # @return [Hash{String => Hash}] members that are other, by the part's id; nil for one that it has not got
      def changed = data["changed"] || {}

      # @return [Hash{String => Array<Hash>}] parts that only it has, by list of the file
      def with = data["with"] || {}

      # @param file [Hash] of the build
      # @return [Hash] the file of one of its bases
      def file_of(file)
        lists = LISTS.to_h { |list| [list, (file[list] || []).filter_map { |part| other(part) } + (with[list] || [])] }
        file.except("variants", "bodies", "formation").merge(lists.reject { |_, parts| parts.empty? }, "copies" => count)
          .reject { |member, _| LISTS.include?(member) && lists[member].empty? }
      end

      # @param design [Design] the build
      # @return [Design] of its own bases
      def design_of(design) = Design.new(file_of(design.to_h), design.catalogue)

      private

      def other(part)
        return if without.include?(part["id"])

        own = changed[part["id"]] ? part.merge(changed[part["id"]]).compact : part
        return own unless own["courses"]

        own.merge("courses" => own["courses"].filter_map { |course| other(course) })
      end
    end
  end
end
