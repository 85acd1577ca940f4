# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What builds take, against what is there: one build, and a shopping list over several.
      module Provisioning
        def self.registered(app)
          app.helpers Provided

          app.get("/api/builds/:id/provision") do
            found = GreenPlinth::Stores::Provision.new(evaluation.quantities, desk.stockroom.shelves, evaluation.design.copies)
            json_body({ "lines" => found.lines.map(&:to_h), "cost" => found.cost })
          end

          # "I bought this list": all that is missing, or what is named.
          app.post("/api/builds/:id/bought") do
            asked = body_as("Bought")
            found = GreenPlinth::Stores::Provision.new(evaluation.quantities, desk.stockroom.shelves, evaluation.design.copies)
            bought = asked["lines"] || found.lines.select { |one| one.packs&.positive? }.map { |one| bought(one) }
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
          def bought(one)
            pack = one.line.pack
            { "material" => one.line.material, "colour" => one.line.colour, "pack" => pack["size_mm"] ? 1 : pack["amount"],
              "unit" => pack["unit"], "packs" => one.packs, "price_minor" => pack["price_minor"] }.compact
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
