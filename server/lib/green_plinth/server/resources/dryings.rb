# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # How long things have been seen to dry in this workshop, with what it does to the forecast. They are noted as events;
      # one that is struck is taken back.
      module Dryings
        def self.registered(app)
          app.helpers Notes

          app.get("/api/dryings") { json_body(desk.workshop.notes.map { |note| drying(note) }) }

          app.delete("/api/dryings/:id") do
            desk.take_back(params["id"].to_s, this_instant)
            status 204
          end
        end

        # Notes as data.
        module Notes
          # @param note [Events::Dryings::Note]
          def drying(note)
            history = desk.catalogue.history
            { "id" => note.id, "material" => note.material, "name" => desk.catalogue.name(note.material),
              "foretold_min" => note.foretold_min.round(1), "observed_min" => note.observed_min.round(1), "note" => note.note,
              "factor" => history.factor(note.material).round(3), "seen" => history.count(note.material) }
          end
        end
      end
    end
  end
end
