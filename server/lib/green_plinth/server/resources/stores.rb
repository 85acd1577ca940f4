# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What is on the shelf: jars by hand, as a table and as a file, and what is reserved of them.
      module Stores
        def self.registered(app)
          app.helpers JarsAsData

          app.get("/api/stores") { json_body(stores_as_data(desk.stockroom.shelves)) }

          app.post("/api/stores") do
            id = desk.stockroom.add([body_as("JarData")]).first
            status 201
            json_body(jar_told(id))
          end

          app.put("/api/stores/:id") do
            desk.stockroom.put(id_in_path("jar"), body_as("JarData"))
            json_body(jar_told(id_in_path("jar")))
          end

          app.delete("/api/stores/:id") do
            desk.stockroom.delete(id_in_path("jar"))
            status 204
          end

          app.get("/api/stores-file.:ending") do
            write = { "json" => Files::StoresFile, "csv" => Files::StoresCsv }[params["ending"]]
            raise Refusal.not_found("stores as #{params["ending"].to_s[0, 20]}") unless write

            content_type params["ending"] == "csv" ? "text/csv" : "application/json", charset: "utf-8"
            headers "Content-Disposition" => "attachment; filename=\"stores-#{today.iso8601}.#{params["ending"]}\""
            write.write(desk.stockroom.data)
          end

          # A stores file, or a table: told by its type.
          app.post("/api/stores-file") do
            kind = { "application/json" => Files::StoresFile, "text/csv" => Files::StoresCsv }[request.media_type]
            raise Refusal.new(415, "Neither JSON nor CSV", "Send application/json or text/csv.") unless kind

            added = desk.stockroom.add(kind.new(desk.catalogue).read(request.body.read.to_s))
            status 201
            json_body({ "added" => added.size })
          end

          app.get("/api/reservations") do
            dated = desk.plans.dated(moment(nil))
            things = GreenPlinth::Stores::Reservations.new(dated.plans, desk.stockroom.shelves, desk.catalogue).things
            json_body({ "things" => things.map { |thing| reserved(thing) }, "undated" => dated.without, "unfinished" => dated.unfinished })
          end
        end

        # Jars and what is reserved, as data.
        module JarsAsData
          def today = Date.iso8601(now[0, 10])

          def stores_as_data(shelves)
            { "jars" => shelves.jars.map { |jar| jar_as_data(jar, shelves) }, "worth" => shelves.worth.to_h, "today" => today.iso8601 }
          end

          def jar_told(id)
            shelves = desk.stockroom.shelves
            jar_as_data(shelves.jars.find { |jar| jar.id == id } || raise(Refusal.not_found("jar #{id}")), shelves)
          end

          def jar_as_data(jar, shelves)
            { "id" => jar.id, "jar" => jar.data, "name" => jar.name, "family" => jar.material&.family&.key,
              "colour" => jar.colour || jar.material&.colour, "left" => jar.left.round(2), "level" => jar.level&.round(4),
              "over_on" => jar.over_on&.iso8601, "price_minor" => jar.price_minor,
              "keeps_months" => { "closed" => jar.keeps("closed"), "open" => jar.keeps("open") },
              "remarks" => shelves.remarks(jar, today).map(&:to_h) }
          end

          def reserved(thing)
            { "material" => thing.material, "colour" => thing.colour, "name" => desk.catalogue.name(thing.material), "unit" => thing.unit,
              "have" => thing.have.round(2), "needed" => thing.needed.round(2), "missing" => thing.missing.round(2),
              "runs_out" => thing.runs_out&.then { |taken| taken_as_data(taken) },
              "taken" => thing.taken.map { |taken| taken_as_data(taken) } }
          end

          def taken_as_data(taken)
            { "build" => taken.build, "build_title" => taken.title, "step" => taken.step, "step_title" => taken.step_title,
              "at" => Moment.format(taken.at), "amount" => taken.amount&.round(2), "before" => taken.before.round(2),
              "after" => taken.after&.round(2) }
          end
        end
      end
    end
  end
end
