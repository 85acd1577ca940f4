# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The air of the workshop, as the thermometer on the bench reads it.
      module Climate
        def self.registered(app)
          app.get("/api/climate") { json_body({ "reading" => settings.thermometer.read }) }
        end
      end
    end
  end
end
