# frozen_string_literal: true

module GreenPlinth
  module Files
    # A file with its members in the order of its schema, however they came to be: two files of one build can be read side by side.
    # Members that the schema does not know stand last, by name.
    class InOrder
      # @param schema [Hash] a JSON Schema
      def initialize(schema = ::JSON.parse(File.read(Schema::PLINTH_FILE)))
        @schema = schema
      end

      # @param value [Object] parsed JSON; nothing of it is changed
      # @return [Object]
      def call(value, node = @schema)
        node = resolved(node)
        case value
        when Hash then ordered(value, members(node, value), node)
        when Array then value.map { |inner| call(inner, node["items"] || {}) }
        else value
        end
      end

      private

      def ordered(value, members, node)
        keys = (members.keys & value.keys) | value.keys.sort
        keys.to_h { |key| [key, call(value[key], members[key] || further(node))] }
      end

      # Of what has names of the maker's own.
      def further(node) = node["additionalProperties"].is_a?(Hash) ? node["additionalProperties"] : {}

      # Its own, and those of the alternative that its kind says.
      def members(node, value)
        branches = (node["oneOf"] || []).map { |branch| resolved(branch) }
        branch = branches.find { |one| one.dig("properties", "kind", "const") == value["kind"] } || {}
        (node["properties"] || {}).merge(branch["properties"] || {})
      end

      def resolved(node)
        return node unless node["$ref"]

        @schema.dig(*node["$ref"].delete_prefix("#/").split("/")).merge(node.except("$ref"))
      end
    end
  end
end
