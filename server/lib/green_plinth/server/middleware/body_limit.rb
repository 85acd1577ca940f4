# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Refuses a body that is too large, by what it says or by what it turns out to be.
      class BodyLimit
        # @param most [Integer] bytes
        # @param elsewhere [Hash{Regexp => Integer}] bytes at single paths
        def initialize(app, most, elsewhere = {})
          @app = app
          @most = most
          @elsewhere = elsewhere
        end

        def call(env)
          most = @elsewhere.find { |path, _| path.match?(env["PATH_INFO"]) }&.last || @most
          return refused(env["CONTENT_LENGTH"].to_i, most) if env["CONTENT_LENGTH"].to_i > most

          input = env["rack.input"]
          if input && !env["CONTENT_LENGTH"] && env["HTTP_TRANSFER_ENCODING"]
            text = input.read(most + 1).to_s
            return refused(text.bytesize, most) if text.bytesize > most

            env = env.merge("rack.input" => StringIO.new(text), "CONTENT_LENGTH" => text.bytesize.to_s)
          end
          @app.call(env)
        end

        private

        def refused(bytes, most)
          detail = format("It is %.1f MB; what is sent here is %.0f MB at the most.", bytes / 1e6, most / 1e6)
          Refusal.new(413, "Too large", detail).response
        end
      end
    end
  end
end
