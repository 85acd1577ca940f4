# frozen_string_literal: true

module GreenPlinth
  module Server
    module Helpers
      # What a request asks for: builds, steps, numbers, moments and lengths out of its path, query and body. Raises Refusal or
      # InvalidFile for what cannot be had.
      module Asked
        # Larger than any id, small enough for the database's bigint.
        MOST_ID = (2**63) - 1
        # Sections shown beside each other at most, and how far from the middle they may run, mm.
        MOST_SECTIONS = 3
        FARTHEST_MM = 10_000
        # Scales, n of 1:n.
        RATIOS = (0.1..2000)
        # A kilometre and a hair's breadth, mm.
        LENGTHS = (0.001..1e6)

        def desk = settings.desk
        def contract = settings.contract

        # Local time of the workshop, as the core counts it.
        def now = settings.clock.strftime("%Y-%m-%dT%H:%M")

        # @return [String] the same with its seconds and its offset, as events have it
        def this_instant = settings.clock.strftime("%Y-%m-%dT%H:%M:%S.%3N%:z")

        # @return [Integer] the id in the path
        def id_in_path(what = "build")
          id = Integer(params["id"], 10, exception: false)
          id&.between?(1, MOST_ID) ? id : raise(Refusal.not_found("#{what} #{params["id"].to_s[0, 40]}"))
        end

        # @return [Store::Build] the one in the path
        def build = desk.find(id_in_path)

        # @return [Evaluation] of the build in the path
        def evaluation = @evaluation ||= build.then { |build| desk.evaluate(build.file, build.id) }

        # @param id [String]
        # @param name [String] of the member that names it
        # @return [Steps::Step]
        def step_named(id, name = "step")
          evaluation.steps.find { |step| step.id == id } || raise(InvalidFile, [unknown(name, "there is no step #{id.to_s[0, 60]}")])
        end

        # @param schema [String] name in the API description
        # @return the request's JSON body
        def body_as(schema) = contract.check(schema, json_in)

        def json_in
          type = request.media_type
          raise Refusal.new(415, "Not JSON", "Send application/json; #{type || "nothing"} was named.") unless type == "application/json"

          Files::Json.parse(request.body.read.to_s)
        end

        # @return [Float] a number in the query; the default where it is left out
        def number(name, range, default = nil)
          return default if default && params[name].to_s.empty?

          value = Float(params[name].to_s.tr(",", "."), exception: false)
          return value if value&.finite? && range.cover?(value)

          raise InvalidFile, [unknown(name, "must be a number from #{range.begin} to #{range.end}")]
        end

        # @return [Integer] a whole number in the query; the default where it is left out
        def whole(name, range, default) = number(name, range, default).floor

        def ratio = number("ratio", RATIOS)

        # @param unit [String] of a bare number
        # @return [Float, nil] a length in the query, mm; nil where it may be left out and is
        def length(name, unit, optional: false)
          return if optional && params[name].to_s.strip.empty?

          value = Scale::Length.parse(params[name].to_s[0, 60], unit)
          return value if value && LENGTHS.cover?(value)

          raise InvalidFile, [unknown(name, "must be a length, like 4.2 m, 13 ft 9 in or 3/8 in")]
        end

        # @param text [String, nil] nil or empty: now
        # @return [Integer] minutes
        def moment(text, name = "at")
          Moment.parse(text.to_s.empty? ? now : text)
        rescue ArgumentError => e
          raise InvalidFile, [unknown(name, e.message)]
        end

        # @param text [String, nil] "x0,y0,x1,y1" in mm, several with a semicolon between
        # @return [Array<Array<Float>>, nil]
        def lines(text)
          return if text.nil? || text.empty?

          lines = text.split(";").map { |line| line.split(",").map { |value| Float(value, exception: false) } }
          return lines if lines.size.between?(1, MOST_SECTIONS) && lines.all? { |values| line?(values) }

          raise InvalidFile, [unknown("sections", "must be one to three lines of four numbers in mm, like -60,0,60,0;0,-40,0,40")]
        end

        private

        def line?(values) = values.size == 4 && values.all? { |value| value&.finite? && value.abs <= FARTHEST_MM }
        def unknown(name, message) = GreenPlinth::Problem.new("/#{name}", message)
      end
    end
  end
end
