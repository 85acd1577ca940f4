# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Trying before placing: the fit of a change not made, the view from an eye, other arrangements, what to pick from.
      module Composing
        # Families of snags that a placing can bring about.
        FAMILIES = %w[fit composition balance scale].freeze

        def self.registered(app)
          app.helpers Read

          app.post("/api/builds/:id/fit") do
            evaluation = desk.try(build_id, body_as("Try")["patch"])
            json_body(Formats::EvaluationFile.new(evaluation).standing.merge("snags" => Snags::Check.all(evaluation, families: FAMILIES).map(&:to_h)))
          end

          app.get("/api/builds/:id/sight") do
            evaluation = desk.evaluate(desk.find(build_id).file)
            eye = Composition::Eye.new(number("direction", -3600..3600, evaluation.eye.direction_deg) % 360,
              number("elevation", 0..85, evaluation.eye.elevation_deg))
            json_body(evaluation.sight_view(eye))
          end

          app.post("/api/builds/:id/arrangements") do
            evaluation = desk.evaluate(desk.find(build_id).file)
            json_body(Composition::Arrangements.new(evaluation, seed: body_as("Seed")["seed"]).call.map(&:to_h))
          end

          app.get("/api/presets") { json_body(Scale::Presets.new(desk.catalogue, ratio).to_h) }
        end

        # Numbers out of the query.
        module Read
          def ratio = number("ratio", 0.1..2000)

          # @return [Float]; raises InvalidFile for what is no number or out of range, or missing without a default
          def number(name, range, default = nil)
            return default if default && params[name].to_s.empty?

            value = Float(params[name].to_s.tr(",", "."), exception: false)
            return value if value&.finite? && range.cover?(value)

            raise InvalidFile, [GreenPlinth::Problem.new("/#{name}", "must be a number from #{range.begin} to #{range.end}")]
          end
        end
      end
    end
  end
end
