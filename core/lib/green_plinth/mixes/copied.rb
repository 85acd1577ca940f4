# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # A recipe of the stores copied into a file, with the recipes that are parts of it: a file stands alone. What was copied before
    # and is the same still is used again.
    class Copied
      # @param file [Hash] plinth file
      # @param recipes [Hash{String => Catalogue::Recipe}]
      def initialize(file, recipes)
        @file = file
        @recipes = recipes
        @mixes = (file["mixes"] || []).dup
        @added = []
        @ids = {}
      end

      # @param key [String] of a recipe that is there
      # @return [Array(String, Array<Hash>)] what it goes by in the file ("mix:…"), and the JSON Patch that brings it there
      def of(key)
        id = copied(key)
        operations = @added.each_with_index.map { |mix, index| add(mix, index) }
        [Catalogue::Stirred::PREFIX + id, operations]
      end

      private

      def add(mix, index)
        return { "op" => "add", "path" => "/mixes", "value" => [mix] } if index.zero? && !@file.key?("mixes")

        { "op" => "add", "path" => "/mixes/-", "value" => mix }
      end

      def copied(key)
        @ids[key] ||= begin
          recipe = @recipes.fetch(key)
          mix = recipe.data.merge("recipe" => key, "parts" => recipe.data["parts"].map { |part| part(part) })
          same = @mixes.find { |one| one.except("id") == mix }
          same ? same["id"] : kept(key, mix)
        end
      end

      def part(part)
        inner = part["material"]
        return part unless inner.start_with?(Catalogue::Stirred::PREFIX)

        part.merge("material" => Catalogue::Stirred::PREFIX + copied(inner.delete_prefix(Catalogue::Stirred::PREFIX)))
      end

      def kept(key, mix)
        id = [key, *(2..).lazy.map { |number| "#{key}-#{number}" }.first(@mixes.size + 1)].find { |one| free?(one) }
        @mixes << mix.merge("id" => id)
        @added << @mixes.last
        id
      end

      # Ids are one for all parts of a file.
      def free?(id) = !taken.include?(id) && @mixes.none? { |mix| mix["id"] == id }

      def taken
        parts = @file.values.grep(Array).flatten.grep(Hash)
        @taken ||= (parts + parts.flat_map { |part| part["courses"] || [] }).filter_map { |part| part["id"] }.to_set
      end
    end
  end
end
