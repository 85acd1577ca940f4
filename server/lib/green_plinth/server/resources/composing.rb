# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Trying before placing: the fit of a change not made, the view from an eye, other arrangements, what to pick from.
      module Composing
        # Families of snags that a placing can bring about.
        FAMILIES = %w[fit composition balance scale].freeze
        # Where a base can be looked at from, degrees; any number of turns round it.
        TURNS = (-3600..3600)
        ELEVATIONS = (0..85)

        # Round what stands there, and of a board, mm.
        MARGINS = (-500..500)
        BOARDS = (1..5000)

        def self.registered(app)
          app.post("/api/builds/:id/fit") do
            tried = desk.try(id_in_path, body_as("Try")["patch"]).of(params["of"])
            snags = Snags::Check.snags(tried, families: FAMILIES)
            json_body(Files::EvaluationFile.new(tried).standing.merge("snags" => snags.map(&:to_h)))
          end

          app.get("/api/builds/:id/sight") do
            eye = evaluation.of(params["of"]).eye
            asked = Composition::Eye.new(number("direction", TURNS, eye.direction_deg) % 360,
              number("elevation", ELEVATIONS, eye.elevation_deg))
            told(params["since"].to_s[0, Telling::LONGEST], desk.telling.named(evaluation.of(params["of"]).sight_view(asked)))
          end

          app.get("/api/builds/:id/sizes") do
            board = params["width"] && [number("width", BOARDS), number("depth", BOARDS)]
            sizing = Composition::Sizing.new(evaluation.design, number("margin", MARGINS, 5.0), board)
            json_body({ "sizes" => sizing.sizes.map(&:to_h) })
          end

          app.post("/api/builds/:id/arrangements") { inquired("arrangements", body_as("Seed")) }

          app.get("/api/presets") { json_body(Scale::Presets.new(desk.catalogue, ratio).to_h) }
        end
      end
    end
  end
end
