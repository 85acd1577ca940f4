# frozen_string_literal: true

require "securerandom"
require "sequel"

module Torture
  # What the ordeals share: the seed, a database of their own, and a look behind the scenes.
  class Kit
    attr_reader :random, :database

    # @param database [String] URL of a database for nothing else
    def initialize(database, seed)
      @database = database
      @random = Random.new(seed)
      @db = Sequel.connect(database, max_connections: 4, test: false)
    end

    def server(port: nil, worker: false) = ServerProcess.new(database, port: port, worker: worker)

    # @return [Array<String>] of all revisions of a build
    def labels(build) = patiently { @db[:revisions].where(build_id: build).select_map(:label) }

    # Ends every other session of the database, as a server does that stops at once.
    def kill_database_sessions
      patiently do
        @db.get(Sequel.lit("count(pg_terminate_backend(pid)) FROM pg_stat_activity WHERE datname = current_database() " \
                           "AND pid <> pg_backend_pid()"))
      end
    end

    def empty = patiently { %i[builds que_jobs own_entries bench_events].each { |table| @db[table].delete } }

    private

    def patiently(tries = 5)
      yield
    rescue Sequel::DatabaseError
      raise if (tries -= 1).zero?

      sleep(0.3)
      retry
    end
  end
end
