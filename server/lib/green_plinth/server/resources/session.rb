# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Whether the server is there, and the token that changes must carry.
      module Session
        def self.registered(app)
          app.get("/api/session") do
            json_body({ "csrf_token" => Rack::Protection::AuthenticityToken.token(session), "now" => now, "instant" => this_instant,
                        "asks_password" => settings.asks_password })
          end
        end
      end
    end
  end
end
