# frozen_string_literal: true

module GreenPlinth
  module Files
    # green-plinth-stores/1: what is on the shelf, to keep and to bring in.
    class StoresFile
      FORMAT = "green-plinth-stores/1"

      # @param catalogue [Catalogue] whose materials jars may hold
      def initialize(catalogue)
        @catalogue = catalogue
      end

      # @param text [String] JSON
      # @return [Array<Hash>] jars; raises InvalidFile with every problem found
      def read(text)
        file = Json.parse(text)
        found = problems(file)
        raise InvalidFile, found unless found.empty?

        file["jars"] || []
      end

      # @param file [Object] parsed JSON
      # @return [Array<Problem>]
      def problems(file)
        return [Problem.new("", "the file must be an object like {\"format\": \"#{FORMAT}\", …}")] unless file.is_a?(Hash)

        found = [Text, Schema.of(Schema::STORES_FILE, @catalogue.kinds)].lazy.map { |check| check.problems(file) }.find(&:any?)
        found || (file["jars"] || []).each_with_index.flat_map { |jar, index| sense(jar, "/jars/#{index}") }
      end

      # @param jars [Array<Hash>]
      # @return [String]
      def self.write(jars) = ::JSON.pretty_generate({ "format" => FORMAT, "jars" => jars })

      private

      def sense(jar, pointer)
        found = %w[opened_on bought_on].reject { |name| jar[name].nil? || date?(jar[name]) }
          .map { |name| Problem.new("#{pointer}/#{name}", "there is no such day") }
        key = jar["material"]
        found << Problem.new("#{pointer}/material", "#{key} is not in the catalogue#{near(key)}") unless known?(key)
        found << Problem.new("#{pointer}/open", "is more than a pack holds") if jar["open"] && jar["open"] > jar["pack"]
        found
      end

      def known?(key) = !@catalogue[key].nil? || @catalogue.recipes.key?(key.delete_prefix(Catalogue::Stirred::PREFIX))

      def near(key)
        guess = DidYouMean::SpellChecker.new(dictionary: @catalogue.materials.keys).correct(key).first
        guess ? "; did you mean #{guess}?" : ""
      end

      def date?(text)
        Date.iso8601(text)
      rescue Date::Error
        false
      end
    end
  end
end
