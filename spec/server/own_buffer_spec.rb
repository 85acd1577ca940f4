# frozen_string_literal: true

require "net/http"
require_relative "../../server/lib/green_plinth/server/own_buffer"

# Two threads at one connection, put aside by the scheduler where it hurts: the one after it has handed the connection on, the
# other between the head of its answer and the rest.
RSpec.describe GreenPlinth::Server::OwnBuffer do
  let(:put_aside) do
    Module.new do
      def run(...) = super.tap { @reactor.define_singleton_method(:add) { |connection| super(connection).tap { sleep(0.01) } } }

      private def str_headers(...) = super.tap { sleep(0.02) }
    end
  end

  def heard(server)
    port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
    server.run
    http = Net::HTTP.start("127.0.0.1", port, max_retries: 0)
    Array.new(20) { http.get("/").body }
  rescue Net::HTTPBadResponse => e
    e.message
  ensure
    server.stop(true)
  end

  def server(*modules)
    Class.new(Puma::Server) { prepend(*modules) }.new(->(_env) { [200, {}, ["right"]] }, nil, min_threads: 4, max_threads: 8)
  end

  it("keeps the head of every answer") { expect(heard(server(described_class, put_aside))).to eq(["right"] * 20) }
  it("is needed: without it Puma loses one") { expect(heard(server(put_aside))).to match(/wrong status line/) }
end
