# frozen_string_literal: true

require "json_schemer"

module GreenPlinth
  module Files
    # The JSON Schema of a format, and what it finds wrong in a maker's words.
    class Schema
      PLINTH_FILE = File.join(DATA, "format", "plinth-file.schema.json")
      CATALOGUE_FILE = File.join(DATA, "format", "catalogue-file.schema.json")

      STORES_FILE = File.join(DATA, "format", "stores-file.schema.json")

      # What a pattern asks for, by the last step of the schema's own pointer.
      PATTERNS = { "id" => "use small letters, digits, - and _, at most 40",
                   "moment" => "must be a moment like 2027-03-01T19:30, from 1900 to 2199",
                   "clock" => "must be a time of day like 19:30" }.freeze
      COLOUR = "must be a colour like #7a5a3c"
      TYPES = { "number" => "a number", "integer" => "a whole number", "string" => "text", "object" => "an object", "array" => "a list",
                "boolean" => "true or false", "null" => "null" }.freeze

      @built = {}.compare_by_identity
      @lock = Mutex.new

      # @param path [String] PLINTH_FILE or CATALOGUE_FILE
      # @param kinds [Kinds] that files may name; each schema is built once for them
      # @return [Schema]
      def self.of(path, kinds) = @lock.synchronize { (@built[kinds] ||= {})[path] ||= new(path, kinds) }

      def initialize(path, kinds)
        schema = KindSchema.new(::JSON.parse(File.read(path)), kinds).call
        @lists = (schema["properties"] || {}).select { |_, member| member["maxItems"] }.transform_values { |list| list["maxItems"] }
        @schemer = JSONSchemer.schema(by_kind(schema))
      end

      # @return [Hash{String => Integer}] how many parts each list of the format may have
      attr_reader :lists

      # @return [Array<Problem>] empty for a file of the right shape; one for each place
      def problems(file) = @schemer.validate(file).map { |error| Problem.new(error["data_pointer"], words(error)) }.uniq(&:pointer)

      private

      # An alternative is told by its `kind`: asked for by kind, the schema says what is wrong with that one instead of
      # how the file fails to be each of the others. What is valid stays the same.
      def by_kind(node)
        case node
        when Array then node.map { |inner| by_kind(inner) }
        when Hash
          plain = node.transform_values { |inner| by_kind(inner) }
          kinds = node["oneOf"]&.map { |branch| branch.dig("properties", "kind", "const") if branch.is_a?(Hash) }
          kinds&.all? ? chosen(plain, kinds) : plain
        else node
        end
      end

      def chosen(node, kinds)
        branches = node["oneOf"].zip(kinds).map do |branch, kind|
          { "if" => { "required" => ["kind"], "properties" => { "kind" => { "const" => kind } } }, "then" => branch }
        end
        node.except("oneOf").merge("allOf" => [{ "type" => "object", "required" => ["kind"],
                                                 "properties" => { "kind" => { "enum" => kinds } } },
          *branches])
      end

      def words(error)
        word = :"word_#{error["type"]}"
        return send(word, error) if respond_to?(word, true)

        type = TYPES[error["type"]]
        type ? "must be #{type}" : "is not as the format wants it"
      end

      def word_required(error) = "is missing #{error["details"]["missing_keys"].join(", ")}"
      def word_enum(error) = "must be one of #{error["schema"]["enum"].join(", ")}#{found(error)}"
      def word_const(error) = "must be #{error["schema"]["const"].inspect}#{found(error)}"
      def word_exclusiveMinimum(error) = "must be more than #{error["schema"]["exclusiveMinimum"]}#{found(error)}"
      def word_minimum(error) = "must be #{error["schema"]["minimum"]} or more#{found(error)}"
      def word_maximum(error) = "must be #{error["schema"]["maximum"]} or less#{found(error)}"
      def word_minItems(error) = "needs #{error["schema"]["minItems"]} or more, there are #{error["data"].size}"
      def word_maxItems(error) = "may hold #{error["schema"]["maxItems"]} at most, there are #{error["data"].size}"
      def word_minLength(_error) = "must not be empty"
      def word_maxLength(error) = "may be #{error["schema"]["maxLength"]} characters at most, there are #{error["data"].size}"
      def word_schema(_error) = "is not known here: check the spelling or take it out"

      def word_pattern(error)
        key = error["schema_pointer"].split("/").last
        "#{error["schema"]["pattern"].start_with?("^#") ? COLOUR : PATTERNS.fetch(key, "has the wrong form")}#{found(error)}"
      end

      def found(error)
        text = error["data"].inspect
        text.size > 60 ? "" : "; it is #{text}"
      end
    end
  end
end
