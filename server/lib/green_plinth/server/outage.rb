# frozen_string_literal: true

module GreenPlinth
  module Server
    # A database that is away for a while: it stops, starts, is full, or gives no connection in time. Whatever was asked is to
    # be asked again; nothing about it was wrong. Used like a class of errors: `rescue Outage`.
    module Outage
      # Seconds after which asking again makes sense.
      RETRY_AFTER = 2
      # Classes of SQLSTATE (PostgreSQL documentation, appendix A): connection exception, insufficient resources, operator
      # intervention (a shutdown, an administrator), system error; and a read-only or recovering server.
      STATES = /\A(?:08|53|57|58|25006)/
      AWAY = [Sequel::DatabaseConnectionError, Sequel::DatabaseDisconnectError, Sequel::PoolTimeout, PG::ConnectionBad,
              PG::UnableToSend].freeze

      # @return [Boolean] whether an error is an outage
      def self.===(error)
        return true if AWAY.any? { |kind| kind === error }

        cause = error.respond_to?(:wrapped_exception) ? error.wrapped_exception : error
        cause != error && cause && self === cause || state(cause).match?(STATES)
      end

      def self.state(error) = error.is_a?(PG::Error) ? error.result&.error_field(PG::Result::PG_DIAG_SQLSTATE).to_s : ""
      private_class_method :state
    end
  end
end
