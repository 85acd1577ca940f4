# frozen_string_literal: true

require "delegate"
require "puma"
require "puma/server"

module GreenPlinth
  module Server
    # Prepended to Puma's server. Puma (8.0.2) empties the buffer of a connection after it has handed the connection on: where the
    # next request is answered meanwhile by another thread, the head of that answer is lost. So each answer is put together in a
    # buffer of its own.
    module OwnBuffer
      # A connection as one answer sees it.
      class Connection < SimpleDelegator
        def io_buffer = @io_buffer ||= Puma::IOBuffer.new
      end

      def prepare_response(status, headers, body, requests, client) = super(status, headers, body, requests, Connection.new(client))
    end
  end
end
