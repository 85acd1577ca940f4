# frozen_string_literal: true

# What que's worker process needs to answer heavy questions (bin/lib/work).
$LOAD_PATH.unshift(File.expand_path("../core/lib", __dir__), File.expand_path("../server/lib", __dir__))
require "logger"
require "green_plinth_server"

Que.logger = Logger.new($stderr, level: Logger::WARN)
# One connection listens for us, the others talk; que has one of its own to listen.
database = Sequel.connect(ENV.fetch("DATABASE_URL"), max_connections: 8)
GreenPlinth::Server::AnsweringJob.answerer = GreenPlinth::Server::Answerer.over(database)
GreenPlinth::Server::AirJob.watch = GreenPlinth::Server::AirWatch.over(database)
GreenPlinth::Server::AirJob.begin(database)
