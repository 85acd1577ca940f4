# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Cross-site request forgery: whatever changes something carries the session's token in a header, which only our
      # own pages can read; and nothing is answered to a page of another origin, whatever it carries.
      class SameSite < Rack::Protection::AuthenticityToken
        default_options reaction: :refuse, logging: false

        def call(env)
          origin = env["HTTP_ORIGIN"]
          return super if origin.nil? || origin == Rack::Request.new(env).base_url

          refused("Not from this page", "It comes from #{origin[0, 100]}.")
        end

        def refuse(_env)
          refused("Not from this page",
            "The request carries no valid token: GET /api/session gives one for the X-CSRF-Token header.")
        end

        private

        def refused(title, detail) = Refusal.new(403, title, detail).response
      end
    end
  end
end
