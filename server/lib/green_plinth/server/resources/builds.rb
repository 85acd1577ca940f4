# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The shelf, and one build on it.
      module Builds
        # As long as a title may be.
        MOST_SEARCHED = 120

        def self.registered(app)
          app.get("/api/builds") do
            search = params["search"].to_s.strip
            builds, total = desk.shelf_page(search: (search[0, MOST_SEARCHED] unless search.empty?), now: now,
              sort: Store::SORTS.include?(params["sort"]) ? params["sort"] : "newest", from: whole("from", 0..1_000_000, 0),
              limit: whole("limit", 1..200, 60))
            json_body({ "builds" => builds.map { |build| shelved(build) }, "total" => total })
          end

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

          # For a while after they were deleted.
          app.get("/api/deleted-builds") do
            json_body(desk.thrown_away.map { |build| { "id" => build.id, "title" => build.summary["title"].to_s,
                                                       "deleted_at" => build.deleted_at.iso8601 } })
          end

          app.post("/api/deleted-builds/:id") do
            desk.bring_back(id_in_path("deleted build"))
            status 204
          end

          app.post("/api/samples") do
            kept = desk.put_samples_back(Date.parse(now))
            builds = desk.shelf.map { |build| shelved(build) }
            json_body({ "builds" => builds, "kept" => builds.select { |build| kept.include?(build["id"]) }.map { |build| build["title"] } })
          end
        end
      end
    end
  end
end
