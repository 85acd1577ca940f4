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
                        "railways" => told.railways.map { |name, railway| { "name" => name, "ratio" => railway["ratio"] } } })
          end
        end

        # Entries by key, with some of their members.
        module Listed
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
