# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What the pages offer to pick from: materials, techniques, kinds, things, exports. They hold no list of their own.
      module Entries
        TOLD = %w[name mechanism colour technique hazards note reference_mm max_layer_mm stock_mm grain_mm pack source].freeze

        def self.registered(app)
          app.helpers Listed

          app.get("/api/catalogue") { json_body(catalogue_told(desk.catalogue)) }
          app.get("/api/catalogue/own") { json_body({ "format" => Files::CatalogueFile::FORMAT }.merge(desk.workshop.own)) }

          app.post("/api/catalogue/own") do
            entries = Files::CatalogueFile.new(desk.catalogue).read(request.body.read.to_s)
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
          def catalogue_told(catalogue)
            { "materials" => catalogue.materials.each_value.map { |material| material_told(material) },
              "techniques" => listed(catalogue.techniques, "title", "look"), "kinds" => catalogue.kinds.to_h, "things" => things(catalogue),
              "plinths" => catalogue.sizes["plinths"], "own" => desk.workshop.own.transform_values(&:keys),
              "railways" => catalogue.railways.map { |name, railway| { "name" => name, "ratio" => railway["ratio"] } },
              "exports" => Exports::Export.all.map { |export| export_told(export) } }
          end

          # With the traits of its family.
          def material_told(material)
            material.to_h.slice(*Entries::TOLD).merge("key" => material.key, "family" => material.family.key, "traits" => material.traits)
          end

          def export_told(export) = { "format" => export.code, "name" => export.title, "ending" => export.ending, "papers" => export.papers }

          def entry_kind
            Files::CatalogueFile::KINDS.include?(params["kind"]) ? params["kind"] : raise(Refusal.not_found("kind of entry #{params["kind"].to_s[0, 40]}"))
          end

          def entry_key = params["key"].to_s[0, 60]
          def own? = desk.workshop.own[entry_kind].key?(entry_key)
          def entry = desk.catalogue.public_send(entry_kind)[entry_key] || raise(Refusal.not_found("#{entry_kind.chomp("s")} #{entry_key}"))

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
