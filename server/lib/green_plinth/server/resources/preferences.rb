# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # How the maker wants things told: units, currency, clock, first day of the week.
      module Preferences
        def self.registered(app)
          app.get("/api/preferences") { json_body(settings.store.preferences) }

          app.put("/api/preferences") do
            settings.store.put_preferences(body_as("Preferences"))
            json_body(settings.store.preferences)
          end
        end
      end
    end
  end
end
