# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # How long things have been seen to dry in this workshop: noted at a step, told with what it does to the forecast.
      module Dryings
        def self.registered(app)
          app.helpers Notes

          app.get("/api/dryings") { json_body(desk.workshop.notes.map { |row| drying(row) }) }

          app.post("/api/builds/:id/dried") do
            asked = body_as("Dried")
            step = step_named(asked["step"])
            unless step.stages.material && step.stages.dry_min.to_i.positive?
              raise InvalidFile, [GreenPlinth::Problem.new("/step", "nothing dries after “#{step.title}”")]
            end

            id = desk.note_drying(step.stages, asked["observed_min"].to_f, asked["note"].to_s)
            status 201
            json_body(drying(desk.workshop.notes.find { |row| row[:id] == id }))
          end

          app.delete("/api/dryings/:id") do
            desk.strike_drying(id_in_path("note"))
            status 204
          end
        end

        # Notes as data.
        module Notes
          def drying(row)
            key = row[:material]
            history = desk.catalogue.history
            { "id" => row[:id], "material" => key, "name" => desk.catalogue.name(key), "foretold_min" => row[:foretold_min].round(1),
              "observed_min" => row[:observed_min].round(1), "note" => row[:note], "factor" => history.factor(key).round(3),
              "seen" => history.count(key) }
          end
        end
      end
    end
  end
end
