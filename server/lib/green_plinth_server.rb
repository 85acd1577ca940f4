# frozen_string_literal: true

require "digest"
require "green_plinth"
require "json_schemer"
require "pg"
require "que"
require "rack/protection"
require "rack/session"
require "securerandom"
require "sequel"
require "sinatra/base"
require "zeitwerk"

module GreenPlinth
  # The HTTP side: resources, the store, and nothing of the trade.
  module Server
    ROOT = File.expand_path("../..", __dir__)
    PAGES = File.join(ROOT, "web", "dist")
    OPENAPI = File.join(ROOT, "docs", "openapi.json")
    SAMPLES = File.join(ROOT, "samples")
    # Of all that computes: what another state of the program has told is told anew.
    RELEASE = Dir[File.join(ROOT, "core", "{lib,data}", "**", "*")].sort.select { |path| File.file?(path) }
      .reduce(Digest::SHA256.new) { |sum, path| sum << File.binread(path) }.hexdigest[0, 16].freeze

    Zeitwerk::Loader.new.tap do |loader|
      loader.push_dir(File.join(__dir__, "green_plinth", "server"), namespace: Server)
      loader.setup
      loader.eager_load # at once, for the reason that the core gives
    end
    Codecs.load_all
    Que.singleton_class.prepend(JobJson)

    # The application over a database.
    # @param database [Sequel::Database]
    # @param clock [#call] the workshop's time now, as a Time
    # @return [#call] a Rack application
    def self.app(database, clock: -> { Time.now })
      store = Store.new(database)
      desk = Desk.new(store, clock: clock)
      listener = Listener.of(store)
      listener.on_restocked { desk.restock }
      hash = store.password_hash
      App.over(store: store, desk: desk, contract: Contract.new(JSON.parse(File.read(OPENAPI))), clock: clock,
        secret: session_secret(store, hash), streams: Streams.new(listener),
        asks_password: hash && Middleware::AsksPassword.over(database))
    end

    # With another password, from the next start on, every session of the old one is over.
    def self.session_secret(store, hash)
      secret = store.secret("session")
      hash ? OpenSSL::HMAC.hexdigest("SHA512", secret, hash) : secret
    end
    private_class_method :session_secret
  end
end
