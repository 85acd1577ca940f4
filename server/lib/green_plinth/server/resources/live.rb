# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Tells open pages which builds have changed: server-sent events, fed by the database's notifications, so that it does
      # not matter which process took the change. A page holds no thread of the server.
      module Live
        def self.registered(app)
          app.get("/api/events") do
            raise Refusal.new(503, "Too many pages", "#{Streams::MOST} browsers are told of changes already: close some.") unless
              settings.streams.room?

            content_type "text/event-stream"
            headers "Cache-Control" => "no-cache", "X-Accel-Buffering" => "no",
              "rack.hijack" => settings.streams.method(:take).to_proc
            Handed.new
          end
        end

        # The body of an answer that goes on elsewhere: of no length, not of none.
        class Handed
          def each; end
        end
      end
    end
  end
end
