# frozen_string_literal: true

module GreenPlinth
  module Files
    # A JSON Schema whose enumerations are those of the kinds: wherever it says `x-kinds`, what may stand there follows from
    # the records of that list. "rigs/of_courses" takes only those that have the trait.
    #   a plain place: `enum`, the keys
    #   a place with `oneOf`: a branch for each record, made from the branch of its shape
    #   a place with `properties`: a member for each record, its sides as `enum`
    class KindSchema
      MARK = "x-kinds"

      # @param schema [Hash]
      # @param kinds [Kinds]
      def initialize(schema, kinds)
        @schema = schema
        @kinds = kinds
      end

      # @return [Hash] the schema with what the records say; the same where they say what it said before
      def call(node = @schema)
        case node
        when Array then node.map { |inner| call(inner) }
        when Hash then marked(node.transform_values { |inner| call(inner) })
        else node
        end
      end

      private

      def marked(node)
        list, trait = node[MARK].is_a?(String) ? node[MARK].split("/") : nil
        return node unless list

        records = @kinds[list].select { |_, kind| trait.nil? || kind.trait?(trait) }
        return node.merge("oneOf" => branches(node["oneOf"], records)) if node.key?("oneOf")
        return node.merge("properties" => sides(records)) if node.key?("properties")

        node.merge("enum" => records.keys)
      end

      def branches(shipped, records)
        by_shape = shipped.to_h { |branch| [@kinds["forms"][shape_of(branch)]["shape"], branch] }
        records.map do |key, kind|
          branch = by_shape.fetch(kind["shape"])
          branch.merge("properties" => branch["properties"].merge("kind" => { "const" => key }))
        end
      end

      def shape_of(branch) = branch.dig("properties", "kind", "const")

      def sides(schools) = schools.transform_values { |school| { "enum" => school["sides"].keys } }
    end
  end
end
