# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Whatever guard answers: what every answer says to browsers about itself.
      class Guarded
        def initialize(app)
          @app = app
        end

        def call(env)
          status, headers, body = @app.call(env)
          Headers::ALWAYS.each { |name, value| headers[name] ||= value }
          [status, headers, body]
        end
      end
    end
  end
end
