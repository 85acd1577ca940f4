# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What builds take, against what is there: one build, and a shopping list over several.
      module Provisioning
        def self.registered(app)
          app.helpers Provided

          app.get("/api/builds/:id/provision") do
            found = provision
            json_body({ "lines" => found.lines.map(&:to_h), "cost" => found.cost })
          end

          # "I bought this list": all that is missing, or what is named.
          app.post("/api/builds/:id/bought") do
            asked = body_as("Bought")
            found = provision
            bought = asked["lines"] || found.lines.select { |one| one.packs&.positive? }.map { |one| bought(one) }
            desk.stockroom.buy(bought, today)
            status 201
            json_body({ "added" => bought.size })
          end

          app.get("/api/shopping") { json_body(trip_as_data(trip)) }

          app.get("/api/shopping.csv") do
            content_type "text/csv", charset: "utf-8"
            headers "Content-Disposition" => "attachment; filename=\"shopping-#{today.iso8601}.csv\""
            GreenPlinth::Stores::TripCsv.write(trip)
          end

          app.get("/api/shopping.pdf") do
            content_type "application/pdf"
            headers "Content-Disposition" => "attachment; filename=\"shopping-#{today.iso8601}.pdf\""
            GreenPlinth::Stores::TripPdf.new(trip, "Shopping list, #{today.iso8601}").write
          end

          app.post("/api/shopping/bought") do
            bought = trip.items.select { |item| item.provided.packs&.positive? }.map { |item| bought(item.provided) }
            desk.stockroom.buy(bought, today)
            status 201
            json_body({ "added" => bought.size })
          end

          app.get("/api/palettes") do
            builds, total = desk.shelf_page(sort: "newest", limit: whole("limit", 1..200, 60), from: whole("from", 0..1_000_000, 0))
            json_body({ "builds" => builds.map { |build| palette(build) }, "total" => total })
          end
        end

        # Lists and palettes as data.
        module Provided
          # So many builds on one list.
          MOST_BUILDS = 20

          # @return [GreenPlinth::Stores::Provision] of the build in the path
          def provision
            GreenPlinth::Stores::Provision.new(evaluation.quantities, desk.stockroom.shelves, evaluation.design.copies,
              still: evaluation.still_needed)
          end

          # @return [GreenPlinth::Stores::Trip] over the builds that ?builds=1,2 names
          def trip
            ids = params["builds"].to_s.split(",").map { |id| Integer(id, 10, exception: false) }
            unless ids.any? && ids.all? && ids.size <= MOST_BUILDS
              raise InvalidFile, [GreenPlinth::Problem.new("/builds", "must be up to #{MOST_BUILDS} numbers of builds, like 3,7")]
            end

            builds = ids.uniq.map { |id| trip_build(desk.find(id)) }
            GreenPlinth::Stores::Trip.new(builds, desk.stockroom.shelves, desk.catalogue)
          end

          def trip_build(build)
            found = desk.evaluate(build.file, build.id)
            plan = found.infeasible ? nil : found.plan
            GreenPlinth::Stores::Trip::Build.new(found.design.title, found.still_needed, plan)
          end

          def trip_as_data(trip)
            items = trip.items.map do |item|
              item.provided.to_h.merge("shop" => item.shop, "needed_by" => item.needed_by && Moment.format(item.needed_by),
                "builds" => item.builds, "spared" => item.spared)
            end
            { "items" => items, "cost_minor" => trip.cost_minor }
          end

          # Without a price: the usual one is not what was paid.
          def bought(one)
            pack = one.line.pack
            { "material" => one.line.material, "colour" => one.line.colour, "pack" => pack["size_mm"] ? 1 : pack["amount"],
              "unit" => pack["unit"], "packs" => one.packs }.compact
          end

          # Of a build that cannot be read any more there is none.
          def palette(build)
            file = desk.find(build.id).file
            told = Failures.guard("the palette", nil) { Screens::Palette.new(Design.new(file, desk.catalogue)).to_h }
            { "build" => build.id, "title" => build.summary["title"].to_s, "palette" => told }
          end
        end
      end
    end
  end
end
