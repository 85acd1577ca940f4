# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Answers to its own names only, so that no other site's name can be pointed at it.
      class KnownHost < Rack::Protection::HostAuthorization
        default_options reaction: :refuse, logging: false

        def refuse(_env)
          Refusal.new(403, "Not this host", "The application answers to its own names only; GREEN_PLINTH_HOSTS adds others.").response
        end
      end
    end
  end
end
