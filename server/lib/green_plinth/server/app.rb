# frozen_string_literal: true

module GreenPlinth
  module Server
    # The Rack application: guards, then resources, then the pages.
    class App < Sinatra::Base
      # A body larger than the largest plinth file is refused before it is read.
      MOST_BYTES = Files::Json::MOST_BYTES
      # An export of everything is larger, and so are photographs.
      MOST_BYTES_AT = { %r{\A/api/everything\z} => 100_000_000, %r{\A/api/builds/\d+/pictures\z} => Photograph::MOST_BYTES }.freeze

      # What is served compressed, once it is longer than a packet, bytes; streams and what is compressed already are not.
      COMPRESSED = %w[application/json application/json-patch+json application/problem+json text/html text/javascript text/css
        image/svg+xml model/stl].freeze
      LEAST_COMPRESSED = 1400

      set :environment, ENV.fetch("APP_ENV", "production").to_sym
      set :show_exceptions, false
      set :raise_errors, false
      set :logging, false
      set :dump_errors, false
      set :static, false
      set :protection, except: %i[json_csrf xss_header]
      # Names that it answers to; the check stands before it, so that its refusals look like all others.
      HOSTS = ["localhost", "127.0.0.1", "[::1]", *ENV.fetch("GREEN_PLINTH_HOSTS", "").split(",")].freeze
      set :host_authorization, { permitted_hosts: [] }

      register Resources::Session
      register Resources::Entries
      register Resources::Builds
      register Resources::Changes
      register Resources::Downloads
      register Resources::Outlines
      register Resources::Starting
      register Resources::Composing
      register Resources::ScaleDesk
      register Resources::Shaping
      register Resources::Timing
      register Resources::WhatNow
      register Resources::Planning
      register Resources::Dryings
      register Resources::Learnt
      register Resources::Bench
      register Resources::Pictures
      register Resources::Daybook
      register Resources::Stores
      register Resources::Mixing
      register Resources::Provisioning
      register Resources::Preferences
      register Resources::Climate
      register Resources::Scales
      register Resources::Devices
      register Resources::Live
      register Resources::Inquiries
      register Resources::Whole
      register Resources::Pages

      helpers Helpers::Asked, Helpers::Answers, Helpers::Inquired

      # @return [#call]
      # @param asks_password [Class, nil] a middleware
      def self.over(store:, desk:, contract:, clock:, secret:, streams:, watch: Watch.new(on_full: desk.method(:lighten)),
        asks_password: nil)
        proxy = ENV.fetch("GREEN_PLINTH_PROXY", nil)
        Rack::Builder.new do
          use Middleware::Guarded
          use Middleware::ThroughProxy, proxy if proxy
          use Rack::Deflater, include: COMPRESSED, if: ->(*, body) { !body.respond_to?(:to_ary) || body.to_ary.sum(&:bytesize) > LEAST_COMPRESSED }
          use Middleware::KnownHost, permitted_hosts: HOSTS
          use Middleware::Readable
          use Middleware::BodyLimit, MOST_BYTES, MOST_BYTES_AT
          lan = ENV.fetch("GREEN_PLINTH_LAN", "") != ""
          use Middleware::Attempts if asks_password || lan
          use Middleware::LetsIn, store, clock if lan
          use Rack::Session::Cookie, key: "green-plinth", secret: secret, same_site: :strict, httponly: true, path: "/",
            secure: !ENV["GREEN_PLINTH_TLS"].nil?
          use asks_password if asks_password
          use Middleware::SameSite
          app = Class.new(App) do
            set :store, store
            set :scales, Server::Scales.new(store)
            set :thermometer, Server::Thermometer.new
            set :desk, desk
            set :contract, contract
            set :streams, streams
            set :asks_password, !asks_password.nil?
            set :clock, clock # a proc: Sinatra calls it at every asking
          end
          use Middleware::Watched, watch
          run app.new
        end.to_app
      end

      before do
        headers "Cache-Control" => "no-store"
      end

      error(Refusal, InvalidFile, Infeasible) { |e| problem(Refusal.of(e)) }
      error(Sinatra::BadRequest) { |e| problem(Refusal.new(400, "Not readable", Log.plain(e.message))) }
      error(GivenUp) do |e|
        headers "Retry-After" => Outage::RETRY_AFTER.to_s unless e.too_much?
        problem(e.refusal)
      end
      error(Sinatra::NotFound) { problem(Refusal.not_found("page #{request.path_info}")) }

      error do |e|
        if Outage === e
          Log.outage(e)
          headers "Retry-After" => Outage::RETRY_AFTER.to_s
          problem(Refusal.new(503, "The database is away", "It is asked again in a moment. What was sent was not taken: send it again."))
        else
          Log.mistake("#{request.request_method} #{request.path_info}", e)
          problem(Refusal.new(500, "Something broke here", "What was sent was not taken. The server's log says more."))
        end
      end
    end
  end
end
