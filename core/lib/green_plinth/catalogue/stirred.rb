# frozen_string_literal: true

module GreenPlinth
  class Catalogue
    # What is said of anything that is stirred up by parts, a file's own mix or a recipe of the stores. Has id and data.
    module Stirred
      # What a part's key begins with that is a mix itself.
      PREFIX = "mix:"
      # What every tap gives.
      WATER = "water"

      # @return [String] what it goes by wherever a material is named
      def key = "#{PREFIX}#{id}"

      def colour = data["colour"]
      def measured = data["measured"] || {}

      # @return [Array<String>] keys of what it is stirred up from
      def materials = data["parts"].map { |part| part["material"] }

      # @return [Array<String>] ids of the mixes in it
      def mixes = materials.filter_map { |key| key.delete_prefix(PREFIX) if key.start_with?(PREFIX) }
    end
  end
end
