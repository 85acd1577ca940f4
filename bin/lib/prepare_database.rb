# frozen_string_literal: true

# Brings the database of DATABASE_URL to the newest schema; makes it when it is not there. With --samples, loads them
# into a new one.
require "sequel"
require "uri"

url = URI(ENV.fetch("DATABASE_URL"))
name = url.path.delete_prefix("/")
begin
  Sequel.connect(url.to_s, test: true).disconnect
rescue Sequel::DatabaseConnectionError => e
  raise unless e.message.include?("does not exist")

  beside = url.dup.tap { |other| other.path = "/postgres" }.to_s
  Sequel.connect(beside) { |db| db.run("CREATE DATABASE #{db.literal(Sequel.identifier(name))}") }
end
Sequel.extension :migration
Sequel.connect(url.to_s) { |db| Sequel::Migrator.run(db, File.expand_path("../../db/migrations", __dir__)) }

# Samples come once: a maker who deletes them is not given them again at every start.
exit unless ARGV.include?("--samples")
first = Sequel.connect(url.to_s) { |db| db[:settings].where(name: "samples").empty? }
exit unless first

warn "Loading the samples"
require "green_plinth_server"
database = Sequel.connect(url.to_s)
GreenPlinth::Server::Desk.new(GreenPlinth::Server::Store.new(database)).put_samples_back
database[:settings].insert(name: "samples", value: "loaded")
