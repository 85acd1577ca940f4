# frozen_string_literal: true

module GreenPlinth
  module Server
    # The OpenAPI description, as what requests are held to.
    class Contract
      attr_reader :document

      # @param document [Hash] OpenAPI 3.1
      def initialize(document)
        @document = document
        @openapi = JSONSchemer.openapi(document, ref_resolver: method(:shipped))
        @schemas = {}
      end

      # @param name [String] of a component schema
      # @return [Array<GreenPlinth::Problem>]
      def problems(name, data)
        schema = @schemas[name] ||= @openapi.ref("#/components/schemas/#{name}")
        schema.validate(data).map { |error| GreenPlinth::Problem.new(error["data_pointer"], error["error"].sub(/ at `[^`]*`/, "")) }
      end

      # @return the data, where it is as the description wants it; raises InvalidFile
      def check(name, data)
        found = problems(name, data)
        raise InvalidFile, found unless found.empty?

        data
      end

      private

      # The one schema that the description takes from elsewhere: the plinth file's own.
      def shipped(_uri) = JSON.parse(File.read(Files::Schema::PLINTH_FILE))
    end
  end
end
