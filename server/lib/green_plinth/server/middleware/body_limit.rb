# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Refuses a body that is too large, by what it says or by what it turns out to be.
      class BodyLimit
        # @param most [Integer] bytes
        def initialize(app, most)
          @app = app
          @most = most
        end

        def call(env)
          return refused(env["CONTENT_LENGTH"].to_i) if env["CONTENT_LENGTH"].to_i > @most

          input = env["rack.input"]
          if input && !env["CONTENT_LENGTH"] && env["HTTP_TRANSFER_ENCODING"]
            text = input.read(@most + 1).to_s
            return refused(text.bytesize) if text.bytesize > @most

            env = env.merge("rack.input" => StringIO.new(text), "CONTENT_LENGTH" => text.bytesize.to_s)
          end
          @app.call(env)
        end

        private

        def refused(bytes)
          detail = format("It is %.1f MB; a plinth file is %.0f MB at the most.", bytes / 1e6, @most / 1e6)
          body = JSON.generate("type" => "about:blank", "title" => "Too large", "status" => 413, "detail" => detail)
          [413, Headers.on_refusals("application/problem+json"), [body]]
        end
      end
    end
  end
end
