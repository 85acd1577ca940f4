# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Answers only to the reverse proxy that was named, since what it says of TLS and of the asker is believed; and to this
      # machine itself.
      class ThroughProxy
        LOOPBACK = ["127.0.0.1", "::1"].freeze

        # @param proxy [String] its address
        def initialize(app, proxy)
          @app = app
          @known = [proxy, *LOOPBACK]
        end

        def call(env)
          return @app.call(env) if @known.include?(env["REMOTE_ADDR"])

          Refusal.new(403, "Not through the proxy", "Ask the reverse proxy that GREEN_PLINTH_PROXY names.").response
        end
      end
    end
  end
end
