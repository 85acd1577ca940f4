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
  begin
    Sequel.connect(beside) { |db| db.run("CREATE DATABASE #{db.literal(Sequel.identifier(name))}") }
  rescue Sequel::DatabaseError => again
    raise unless again.message.include?("already exists") || again.message.include?("pg_database_datname_index")
  end
end
Sequel.extension :migration
begin
  # One process after the other, where several start at once.
  Sequel.connect(url.to_s) { |db| Sequel::Migrator.run(db, File.expand_path("../../db/migrations", __dir__), use_advisory_lock: true) }
rescue Sequel::AdvisoryLockError
  sleep(0.5)
  retry
rescue Sequel::Migrator::Error => e
  abort "This database was made by a newer Green Plinth than this one (#{e.message}). Start the newer one."
end

# Samples come once: a maker who deletes them is not given them again at every start.
exit unless ARGV.include?("--samples")
first = Sequel.connect(url.to_s) do |db|
  db[:settings].insert_conflict.returning(:name).insert(name: "samples", value: "loaded").any?
end
exit unless first

warn "Loading the samples"
require "green_plinth_server"
database = Sequel.connect(url.to_s)
begin
  desk = GreenPlinth::Server::Desk.new(GreenPlinth::Server::Store.new(database))
  desk.put_samples_back(Date.today)
  desk.furnish
rescue StandardError
  database[:settings].where(name: "samples").delete
  raise
end
