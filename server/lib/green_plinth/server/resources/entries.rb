# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What the pages offer to pick from: materials, techniques, kinds, things, exports. They hold no list of their own.
      module Entries
        TOLD = %w[name also mechanism colour technique hazards note reference_mm max_layer_mm stock_mm grain_mm pack source].freeze

        def self.registered(app)
          app.helpers Listed

          app.get("/api/catalogue") { json_body(catalogue_as_data(desk.catalogue)) }
          app.get("/api/catalogue/own") { json_body({ "format" => Files::CatalogueFile::FORMAT }.merge(desk.workshop.own)) }

          app.post("/api/catalogue/own") do
            entries = Files::CatalogueFile.new(desk.catalogue).read(request.body.read.to_s)
            desk.stock(entries)
            json_body(entries.transform_values(&:keys))
          end

          app.get("/api/catalogue/:kind/:key") { json_body(entry_as_data) }

          # Drawn as it is written, kept or not.
          app.post("/api/drawn-material") { json_body(Screens::MaterialPicture.new(written_material(json_in), desk.catalogue.kinds).to_h) }

          app.put("/api/catalogue/:kind/:key") do
            desk.stock(entry_kind => { entry_key => json_in })
            json_body(entry_as_data)
          end

          app.delete("/api/catalogue/:kind/:key") do
            desk.unstock(entry_kind, entry_key)
            status 204
          end
        end

        # Entries by key, with some of their members.
        module Listed
          # What parts and entries are made of has a place of its own beside the kinds.
          FORMS = %w[fields parts entries].freeze

          def catalogue_as_data(catalogue)
            entries_as_data(catalogue).merge(kinds_as_data(catalogue.kinds.to_h))
              .merge("own" => desk.workshop.own.transform_values(&:keys),
                "exports" => Exports::Export.all.map { |export| export_as_data(export) },
                "judgements" => Composition::Judgement.all.map { |judgement| judgement_as_data(judgement) })
          end

          def entries_as_data(catalogue)
            { "materials" => catalogue.materials.each_value.map { |material| material_as_data(material) },
              "techniques" => techniques(catalogue), "recipes" => recipes(catalogue),
              "stacks" => catalogue.stacks.map { |key, stack| stack.merge("key" => key) }, "things" => things(catalogue),
              "plinths" => catalogue.sizes["plinths"],
              "scales" => Scale::NamedScales.new(catalogue).to_a }
          end

          def kinds_as_data(kinds) = { "kinds" => kinds.except(*FORMS) }.merge(kinds.slice(*FORMS))

          # With the traits of its family.
          def material_as_data(material)
            material.to_h.slice(*Entries::TOLD).merge("key" => material.key, "family" => material.family.key, "traits" => material.traits)
          end

          def export_as_data(export)
            { "format" => export.code, "name" => export.title, "ending" => export.ending, "papers" => export.papers,
              "beside" => export.beside }
          end

          def judgement_as_data(judgement) = { "key" => judgement.code, "drawn_unasked" => judgement.drawn_unasked? }

          def entry_kind
            kind = params["kind"].to_s
            Files::CatalogueFile::KINDS.include?(kind) ? kind : raise(Refusal.not_found("kind of entry #{kind[0, 40]}"))
          end

          def written_material(data)
            file = { "format" => Files::CatalogueFile::FORMAT, "materials" => { WRITTEN => data } }
            found = Files::CatalogueFile.new(desk.catalogue).problems(file)
            raise InvalidFile, found unless found.empty?

            desk.catalogue.with({ WRITTEN => data }, {}).materials[WRITTEN]
          end

          # What has no key yet.
          WRITTEN = "written"
          private_constant :WRITTEN

          def entry_key = params["key"].to_s[0, 60]
          def entry_as_data = entry.to_h.merge("key" => entry_key, "own" => own?)
          def own? = desk.workshop.own[entry_kind].key?(entry_key)
          def entry = desk.catalogue.public_send(entry_kind)[entry_key] || raise(Refusal.not_found("#{entry_kind.chomp("s")} #{entry_key}"))

          # laid: it comes in units of a known size, like bricks.
          def things(catalogue)
            known = Scale::Things.new(catalogue)
            listed(catalogue.things, "name", "label", "measure", "drawn_as")
              .map { |thing| thing.merge("laid" => catalogue.things[thing["key"]].key?("size_mm"),
"life_mm" => known[thing["key"]].range_mm.to_a) }
          end

          # To pick from; what is in them is told by the recipes themselves.
          def recipes(catalogue)
            catalogue.recipes.map do |key, recipe|
              { "key" => key, "name" => recipe.name, "colour" => catalogue.stirred[recipe.key]&.colour }
            end
          end

          def listed(entries, *members)
            entries.map { |key, entry| members.to_h { |member| [member, entry[member]] }.merge("key" => key) }
          end

          def techniques(catalogue)
            used = catalogue.used_on
            catalogue.techniques.map do |key, technique|
              { "key" => key, "title" => technique["title"], "look" => technique["look"], "used_on" => used[key] || [] }
            end
          end
        end
      end
    end
  end
end
