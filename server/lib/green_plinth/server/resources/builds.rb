# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The shelf, and one build on it.
      module Builds
        def self.registered(app)
          app.get("/api/builds") { json_body(desk.shelf.map { |build| shelved(build) }) }

          # The body is a plinth file, as another program or an export made it.
          app.post("/api/builds") do
            id = desk.create(json_in)
            status 201
            headers "Location" => "/api/builds/#{id}"
            json_body(desk.show(desk.find(id)))
          end

          app.get("/api/builds/:id") { json_body(desk.show(build, lines(params["sections"]))) }

          app.delete("/api/builds/:id") do
            desk.delete(id_in_path)
            status 204
          end

          app.post("/api/samples") do
            desk.put_samples_back
            json_body(desk.shelf.map { |build| shelved(build) })
          end
        end
      end
    end
  end
end
