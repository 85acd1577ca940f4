# frozen_string_literal: true

$LOAD_PATH.unshift(File.expand_path("core/lib", __dir__), File.expand_path("server/lib", __dir__))
require "green_plinth_server"

# A mistake in one part leaves the others standing; what the web server raises to stop is none.
GreenPlinth::Failures.handler = lambda do |part, error|
  raise error if error.is_a?(Puma::ThreadPool::ForceShutdown)

  GreenPlinth::Server::Log.mistake(part, error)
end

run GreenPlinth::Server::EachProcess.new { GreenPlinth::Server.app(Sequel.connect(ENV.fetch("DATABASE_URL"), max_connections: 20)) }
