# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The shelf, and one build on it.
      module Builds
        def self.registered(app)
          app.helpers Words

          app.get("/api/builds") { json_body(desk.shelf.map { |build| shelved(build) }) }

          # The body is a plinth file, as another program or an export made it.
          app.post("/api/builds") do
            id = desk.create(json_in)
            status 201
            headers "Location" => "/api/builds/#{id}"
            json_body(desk.show(desk.find(id)))
          end

          app.get("/api/builds/:id") { json_body(desk.show(desk.find(build_id), lines_of(params["sections"]))) }

          app.delete("/api/builds/:id") do
            desk.delete(build_id)
            status 204
          end

          app.post("/api/samples") do
            desk.put_samples_back
            json_body(desk.shelf.map { |build| shelved(build) })
          end
        end

        # How the shelf tells a build.
        module Words
          def shelved(build)
            summary = build.summary
            coming = (summary["steps"] || []).find { |step| step["finish"] >= now }
            summary.except("steps").merge("id" => build.id, "version" => build.version, "sample" => !build.sample_key.nil?, "updated_at" => build.updated_at.iso8601,
              "next" => coming&.slice("title", "start"), "wet" => wet(summary))
          end

          # What stands drying at this moment, by the schedule.
          def wet(summary)
            (summary["steps"] || []).select { |step| step["finish"] <= now && step["ready"] > now }.map { |step| step.slice("title", "ready") }
          end
        end
      end
    end
  end
end
