# frozen_string_literal: true

require "tmpdir"

# The whole application over the test database, as its clients meet it. Loaded when a spec asks for it: core specs run
# without a database.
module ServerSpec
  # The process that runs the specs is larger than a server; its watch shall not clear all the time.
  ENV["GREEN_PLINTH_MEGABYTES"] ||= "8000"
  # Nor shall a slow machine be taken for a busy one, nor a build for too large.
  ENV["GREEN_PLINTH_WAIT"] ||= "60"
  ENV["GREEN_PLINTH_SECONDS"] ||= "12"
  # Scales of the specs alone: those of an application that runs beside them are left in peace.
  ENV["GREEN_PLINTH_SCALES"] = File.join(Dir.tmpdir, "green-plinth-specs-#{Process.pid}.sock")
  NOW = Time.new(2027, 3, 1, 12, 0)

  module_function

  def database
    @database ||= begin
      require "green_plinth_server"
      url = ENV["DATABASE_URL"] or raise "Run bin/test, or set DATABASE_URL to a database for tests."
      raise "DATABASE_URL names no test database: #{url[/[^\/]+\z/]}" unless url.end_with?("_test")

      Sequel.connect(url, max_connections: 40)
    end
  end

  # The server's clock, which pages go by: handed in, never waited for.
  def now = @now || NOW

  # @param clock [String] "19:30:10" of the first of March 2027, or with another day before it
  def at(clock) = @now = Time.strptime(clock.include?("T") ? clock : "2027-03-01T#{clock}", "%Y-%m-%dT%H:%M:%S")

  # An application keeps the maker's own entries in mind: it begins anew where there were any.
  def clear
    # Whatever forecasts learn from is learnt of, too, once a day is over.
    taught = database[:bench_events].where(kind: GreenPlinth::Server::Store::Happenings::LEARNT).delete
    database[:bench_events].delete
    database[:builds].delete
    database[:que_jobs].delete
    database[:jars].delete
    store.put_preferences({})
    taught += database[:settings].where(name: "learnt_off").delete
    @now = nil
    @begun = nil if (database[:own_entries].delete + taught).positive?
  end

  # The same object for all specs, since the browser's server keeps what it was started with; behind it the one begun last.
  def app = @app ||= ->(env) { begun.call(env) }

  def begun = @begun ||= begin_anew.tap { answer_at_once }

  # The one before hears no more of the database, and gives its connection back.
  def begin_anew
    db = database # the server is loaded with it
    listeners = GreenPlinth::Server::Listener
    @heard&.stop
    before = listeners.all
    GreenPlinth::Server.app(db, clock: -> { ServerSpec.now }).tap { @heard = (listeners.all.to_a - before.to_a).last&.last }
  end

  # One that is begun otherwise, for the local network: each that is begun listens to the database for as long as the specs run.
  def lan_app = @lan_app ||= yield

  # Heavy questions are answered where they are asked; spec/server/inquiries_spec.rb has a worker of its own.
  def answer_at_once
    GreenPlinth::Server::AnsweringJob.answerer = answerer
    Que.run_synchronously = true
  end

  # One for all specs: it reads the workshop anew for each question.
  def answerer = @answerer ||= GreenPlinth::Server::Answerer.over(database, stopping: -> { stopping? })
  def stopping? = @stopping || false
  def stopping=(whether)
    @stopping = whether
  end

  def store = database.then { |db| GreenPlinth::Server::Store.new(db) }
end
