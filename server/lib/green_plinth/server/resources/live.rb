# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Tells open pages that a build has changed: server-sent events, fed by the database's notifications, so that it
      # does not matter which process took the change.
      module Live
        # A comment goes out this often, so that a closed page is noticed, seconds.
        BEAT = 15

        def self.registered(app)
          app.get("/api/builds/:id/events") do
            id = id_in_path
            board = Listener.of(settings.store)
            content_type "text/event-stream"
            headers "Cache-Control" => "no-cache", "X-Accel-Buffering" => "no"
            Stream.new(board, id, BEAT)
          end
        end

        # A response body that writes an event for each change of one build until its reader goes.
        class Stream
          def initialize(board, id, beat)
            @board = board
            @id = id
            @beat = beat
          end

          def each
            seen = @board.latest(@id)
            yield "retry: 2000\n\n"
            loop do
              version = @board.wait(@id, seen, @beat)
              seen = version if version
              yield version ? "event: changed\ndata: #{version}\n\n" : ": still here\n\n"
            end
          end
        end
      end
    end
  end
end
