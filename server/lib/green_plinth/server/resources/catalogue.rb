# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What the pages offer to pick from.
      module Catalogue
        TOLD = %w[name family mechanism colour technique hazards note reference_mm max_layer_mm stock_mm grain_mm pack source].freeze

        def self.registered(app)
          app.helpers Listed

          app.get("/api/catalogue") do
            told = desk.catalogue
            json_body({ "materials" => told.materials.map { |key, material| material.to_h.slice(*TOLD).merge("key" => key) },
                        "techniques" => listed(told.techniques, "title", "look"), "grounds" => listed(told.grounds, "name", "colour"),
                        "things" => things(told), "plinths" => told.sizes["plinths"],
                        "own" => desk.workshop.own.transform_values(&:keys),
                        "railways" => told.railways.map { |name, railway| { "name" => name, "ratio" => railway["ratio"] } } })
          end
          app.get("/api/catalogue/own") { json_body({ "format" => Formats::CatalogueFile::FORMAT }.merge(desk.workshop.own)) }

          app.post("/api/catalogue/own") do
            entries = Formats::CatalogueFile.new(desk.catalogue).read(request.body.read.to_s)
            desk.stock(entries)
            json_body({ "materials" => entries["materials"].keys, "techniques" => entries["techniques"].keys })
          end

          app.get("/api/catalogue/:kind/:key") { json_body(entry.to_h.merge("own" => own?)) }

          app.put("/api/catalogue/:kind/:key") do
            desk.stock(entry_kind => { entry_key => json_in })
            json_body(entry.to_h.merge("own" => true))
          end

          app.delete("/api/catalogue/:kind/:key") do
            desk.unstock(entry_kind, entry_key)
            status 204
          end
        end

        # Entries by key, with some of their members.
        module Listed
          def entry_kind
            Formats::CatalogueFile::KINDS.include?(params["kind"]) ? params["kind"] : raise(Problem.not_found("kind of entry #{params["kind"].to_s[0, 40]}"))
          end

          def entry_key = params["key"].to_s[0, 60]
          def own? = desk.workshop.own[entry_kind].key?(entry_key)
          def entry = desk.catalogue.public_send(entry_kind)[entry_key] || raise(Problem.not_found("#{entry_kind.chomp("s")} #{entry_key}"))

          # laid: it comes in units of a known size, like bricks.
          def things(catalogue)
            listed(catalogue.things, "name", "measure").map { |thing| thing.merge("laid" => catalogue.things[thing["key"]].key?("size_mm")) }
          end

          def listed(entries, *members)
            entries.map { |key, entry| members.to_h { |member| [member, entry[member]] }.merge("key" => key) }
          end
        end
      end
    end
  end
end
