# frozen_string_literal: true

module GreenPlinth
  module Server
    # What every resource needs to read a request and to answer it.
    module Helpers
      # Larger than any id, small enough for the database's bigint.
      MOST_ID = (2**63) - 1

      def desk = settings.desk
      def contract = settings.contract

      # Local time of the workshop, as the core counts it.
      def now = settings.clock.strftime("%Y-%m-%dT%H:%M")

      def json_body(data, type = "application/json")
        content_type(type)
        JSON.generate(data)
      end

      def problem(problem)
        status problem.status
        json_body(problem.to_h, "application/problem+json")
      end

      # @return [Integer] the build's id in the path
      def build_id
        id = Integer(params["id"], 10, exception: false)
        id&.between?(1, MOST_ID) ? id : raise(Problem.not_found("build #{params["id"].to_s[0, 40]}"))
      end

      # @param schema [String] name in the API description
      # @return the request's JSON body; raises InvalidFile
      def body_as(schema) = contract.check(schema, json_in)

      def json_in
        type = request.media_type
        raise Problem.new(415, "Not JSON", "Send application/json; #{type || "nothing"} was named.") unless type == "application/json"

        Formats::Json.parse(request.body.read.to_s)
      end

      # Sections shown beside each other at most.
      MOST_SECTIONS = 3

      # @param text [String, nil] "x0,y0,x1,y1" in mm, several with a semicolon between
      # @return [Array<Array<Float>>, nil]
      def lines_of(text)
        return if text.nil? || text.empty?

        lines = text.split(";").map { |line| line.split(",").map { |value| Float(value, exception: false) } }
        return lines if lines.size <= MOST_SECTIONS && lines.all? { |values| values.size == 4 && values.all? { |value|
 value&.finite? && value.abs <= 10_000 } }

        raise InvalidFile, [GreenPlinth::Problem.new("/sections", "must be one to three lines of four numbers in mm, like -60,0,60,0;0,-40,0,40")]
      end
    end
  end
end
