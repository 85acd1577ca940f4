# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Puts every request under the watch, and tells it whether the client's connection is still there.
      class Watched
        # Where many builds are worked on at once: as many answers' time.
        MANY = { "/api/everything" => 40, "/api/samples" => 4 }.freeze

        # @param watch [Watch]
        def initialize(app, watch)
          @app = app
          @watch = watch
        end

        def call(env)
          @watch.over(-> { gone?(env["puma.socket"]) }, times: MANY.fetch(env["PATH_INFO"], 1)) { @app.call(env) }
        rescue GivenUp => e
          # Given up in the last moment, when the application had its answer: as the application tells it.
          refused(e.message == Watch::STOPPING ? Refusal.new(503, "Stopping", "Ask again in a moment.") : e.refusal)
        end

        private

        def refused(refusal)
          refusal.response([429, 503].include?(refusal.status) ? { "retry-after" => Outage::RETRY_AFTER.to_s } : {})
        end

        # A connection that was closed can be read from: there is nothing, and no more comes.
        def gone?(socket)
          io = socket&.to_io
          return false unless io.respond_to?(:recv_nonblock)

          io.recv_nonblock(1, Socket::MSG_PEEK).to_s.empty?
        rescue IO::WaitReadable
          false
        rescue SystemCallError, IOError
          true
        end
      end
    end
  end
end
