# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Cross-site request forgery: whatever changes something carries the session's token in a header, which only our
      # own pages can read.
      class SameSite < Rack::Protection::AuthenticityToken
        default_options reaction: :refuse

        def refuse(_env)
          body = JSON.generate("type" => "about:blank", "title" => "Not from this page", "status" => 403,
            "detail" => "The request carries no valid token: GET /api/session gives one for the X-CSRF-Token header.")
          [403, { "content-type" => "application/problem+json" }, [body]]
        end
      end
    end
  end
end
