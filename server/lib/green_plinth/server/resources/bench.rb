# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What happens at the bench: told as events, and how a build stands by them.
      module Bench
        def self.registered(app)
          app.get("/api/builds/:id/events") { json_body({ "events" => desk.log(build.id).all.map(&:to_h) }) }

          # An event that is known already changes nothing.
          app.post("/api/builds/:id/events") do
            rows = body_as("BenchEvents")["events"]
            device = request.env["green_plinth.device"]&.fetch(:name)
            desk.record(id_in_path, device ? rows.map { |row| row.merge("device" => device) } : rows)
            json_body({ "version" => build.version, "instant" => this_instant })
          end

          # The instant lets a device whose clock is wrong tell moments by the server's.
          app.get("/api/builds/:id/bench") do
            json_body(desk.stage(build, moment(params["at"]), settings.clock.to_f).merge("instant" => this_instant))
          end

          app.get("/api/builds/:id/moves") { json_body(desk.moves(build, number("since", 0..1e10), moment(params["at"]))) }

          # What a part that went wrong takes off with it, and what it costs: nothing is done yet.
          app.post("/api/builds/:id/removal") do
            asked = body_as("RemovalAsked")
            event = asked["event"].merge("kind" => "redone")
            json_body(desk.removal(build, asked["part"], event))
          end
        end
      end
    end
  end
end
