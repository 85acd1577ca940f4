# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The scales on the bench: whether there are any, and what is done to them; their readings come over /api/events.
      module Scales
        def self.registered(app)
          app.get("/api/scales") { json_body({ "there" => settings.scales.there? }) }

          app.post("/api/scales") do
            asked = body_as("ScalesCommand")
            reached = asked["do"] == "listen" ? settings.scales.listen : settings.scales.command(asked)
            unless reached
              raise Refusal.new(409, "No scales", "No scales answer: bin/start begins the simulated ones, bin/devices scales them alone.")
            end

            status 204
          end
        end
      end
    end
  end
end
