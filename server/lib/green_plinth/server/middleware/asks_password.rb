# frozen_string_literal: true

require "erb"
require "roda"
require "rodauth"

module GreenPlinth
  module Server
    module Middleware
      # Lets nobody past who has not given the password in this session: a reader is sent to the page that asks for it, a
      # program's question is refused with 401. GET /logout ends the session.
      class AsksPassword < Roda
        PAGE = ERB.new(File.read(File.join(ROOT, "server", "views", "password.erb")), trim_mode: "-")
        POLICY = "default-src 'none'; style-src 'nonce-%<nonce>s'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'"
        # Seconds: a session is over after the first, or when it was not used for the second. Source: OWASP ASVS 4.0.3, 3.3.2.
        LONGEST = 30 * 86_400
        IDLE = 14 * 86_400

        plugin :middleware
        plugin(:route_csrf) { |request| request.halt(Refusal.new(403, "Not from this page", "Open /login again.").response) }

        # @param database [Sequel::Database] with the account
        # @return [Class] a Rack middleware
        def self.over(database)
          Class.new(self).tap { |asking| asking.asks(database) }
        end

        def self.asks(database)
          plugin(:rodauth, csrf: :route_csrf, flash: false, render: false) do
            enable :login, :logout, :argon2, :session_expiration
            db database
            accounts_table :accounts
            login_column :login
            account_password_hash_column :password_hash
            skip_status_checks? true
            require_bcrypt? false
            # One password, and nobody to choose from.
            account_from_login { |_nobody_else| super(Store::ACCOUNT) }
            login_view { scope.page("Green Plinth", field_error(password_param) && "That is not the password.", ask: true) }
            logout_view { scope.page("Leave Green Plinth?", nil, ask: false) }
            # What there is to say stands on the page.
            %i[set_error_flash set_notice_flash set_redirect_error_flash].each { |say| public_send(say) { |_words| nil } }
            already_logged_in { redirect(login_redirect) }
            max_session_lifetime LONGEST
            session_inactivity_timeout IDLE
          end
          route { |r| guard(r) }
        end

        # @return [String] HTML
        def page(title, wrong, ask:)
          nonce = SecureRandom.base64(16)
          Headers.on_refusals("text/html; charset=utf-8").each { |name, value| response[name] = value }
          response["content-security-policy"] = format(POLICY, nonce: nonce)
          PAGE.result_with_hash(title: title, wrong: wrong, ask: ask, nonce: nonce, token: csrf_tag(request.path))
        end

        private

        def guard(request)
          rodauth.check_session_expiration
          request.rodauth
          return if rodauth.logged_in?
          return request.halt(refusal.response) if request.path.start_with?("/api/")

          request.redirect("/login")
        end

        def refusal = Refusal.new(401, "Password needed", "The session is over: give the password at /login. What is not saved yet waits.")
      end
    end
  end
end
