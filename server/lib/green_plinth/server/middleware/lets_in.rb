# frozen_string_literal: true

require "erb"

module GreenPlinth
  module Server
    module Middleware
      # On the local network (bin/start --lan): lets nobody past who was not let in. This machine itself is; another device gives a code
      # that a page on this machine shows, good once, for five minutes, and holds a cookie from then on, which can be taken away again.
      class LetsIn
        PAGE = ERB.new(File.read(File.join(ROOT, "server", "views", "pair.erb")), trim_mode: "-")
        POLICY = AsksPassword::POLICY
        COOKIE = "green-plinth-device"
        LASTS = 365 * 86_400
        GOOD_FOR = 300
        CODE = /\A\d{6}\z/
        MOST_NAME = 60
        # Devices of these kinds are called so, until somebody calls them otherwise.
        NAMES = { /iPad|Tablet/ => "tablet", /Android.*Mobile|iPhone/ => "telephone", /Android/ => "tablet" }.freeze
        # Wrong codes until the good one is good no longer.
        MOST_WRONG = 10

        # @param store [Store]
        # @param clock [#call] → Time
        def initialize(app, store, clock)
          @app = app
          @store = store
          @clock = clock
          @wrong = 0
        end

        def call(env)
          request = Rack::Request.new(env)
          return certificate if request.path == "/certificate"
          return @app.call(env) if here?(env)
          return pair(request) if %w[/pair /login].include?(request.path)

          device = request.cookies[COOKIE]&.then { |token| @store.device_of(token, Time.now) }
          return @app.call(env.merge("green_plinth.device" => device)) if device
          return Refusal.new(401, "Not let in", "This device was not let in, or was taken away: open /pair on it.").response if
            request.path.start_with?("/api/")

          [302, { "location" => "/pair", "cache-control" => "no-store" }, []]
        end

        # @return [Boolean] whether it is asked on the machine itself
        def self.here?(env) = env["REMOTE_ADDR"].to_s.match?(/\A(127\.\d+\.\d+\.\d+|::1|::ffff:127\.\d+\.\d+\.\d+)\z/)

        private

        def here?(env) = LetsIn.here?(env)

        # What a device may be told to trust, so that it keeps the pages for when this machine is away: no secret.
        def certificate
          path = ENV.fetch("GREEN_PLINTH_ROOT_CERTIFICATE", "")
          return Refusal.not_found("certificate of this machine").response unless File.file?(path)

          headers = Headers.on_refusals("application/x-x509-ca-cert")
            .merge("content-disposition" => "attachment; filename=\"green-plinth.crt\"")
          [200, headers, [File.read(path)]]
        end

        def pair(request)
          return page(request.params["code"].to_s, nil) unless request.post?
          return page("", "It comes from another page.", 403) if request.get_header("HTTP_ORIGIN")&.!=(request.base_url)

          code = request.params["code"].to_s.delete(" ")
          return let_in(request) if code.match?(CODE) && @store.take_pairing(code, @clock.call)

          @store.drop_pairings if (@wrong += 1) >= MOST_WRONG
          page("", "That is not the code, or it is over: let the first machine show another one.", 422)
        end

        def let_in(request)
          @wrong = 0
          token = SecureRandom.urlsafe_base64(32)
          name = request.params["name"].to_s.strip[0, MOST_NAME]
          @store.add_device(name.empty? ? usual_name(request.user_agent.to_s) : name, token)
          headers = { "location" => "/now", "cache-control" => "no-store" }
          Rack::Utils.set_cookie_header!(headers, COOKIE,
            { value: token, path: "/", secure: request.ssl?, httponly: true, same_site: :strict, max_age: LASTS })
          [303, headers, []]
        end

        def usual_name(agent) = NAMES.find { |pattern, _| pattern.match?(agent) }&.last || "another computer"

        def page(code, wrong, status = 200)
          nonce = SecureRandom.base64(16)
          headers = Headers.on_refusals("text/html; charset=utf-8").merge("content-security-policy" => format(POLICY, nonce: nonce))
          [status, headers, [PAGE.result_with_hash(code: code[CODE].to_s, wrong: wrong, nonce: nonce)]]
        end
      end
    end
  end
end
