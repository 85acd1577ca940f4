# frozen_string_literal: true

$LOAD_PATH.unshift(File.expand_path("core/lib", __dir__), File.expand_path("server/lib", __dir__))
require "green_plinth_server"

DATABASE = Sequel.connect(ENV.fetch("DATABASE_URL"), max_connections: 20)
run GreenPlinth::Server.app(DATABASE)
