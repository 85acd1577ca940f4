# frozen_string_literal: true

require "net/http"
require_relative "../../server/lib/green_plinth/server/own_buffer"

# Two threads at one connection, put aside by the scheduler where it hurts: the one when it has handed the connection on, until
# the other has put together the head of its answer; that one until its buffer has been emptied, or for a while.
RSpec.describe GreenPlinth::Server::OwnBuffer do
  let(:handed_on) { Queue.new }

  def put_aside(seconds)
    heads, handed_on = Queue.new, self.handed_on
    waited = ->(&done) { (seconds * 100).to_i.times { done.call ? break : sleep(0.01) } }
    hand_on = lambda do |reactor|
      reactor.define_singleton_method(:add) do |connection|
        heads.clear
        super(connection).tap { (handed_on << true) && waited.call { heads.size.positive? } }
      end
    end
    Module.new do
      define_method(:run) { |*args| super(*args).tap { hand_on.call(@reactor) } }

      define_method(:str_headers) do |env, status, headers, body, buffer, keep|
        super(env, status, headers, body, buffer, keep).tap { (heads << true) && waited.call { buffer.length.zero? } }
      end
    end
  end

  # Each is asked for when the connection has been handed on.
  def heard(server)
    port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
    server.run
    http = Net::HTTP.start("127.0.0.1", port, max_retries: 0)
    Array.new(4) { handed_on.pop && http.get("/").body }
  rescue Net::HTTPBadResponse => e
    e.message
  ensure
    server.stop(true)
  end

  def server(*modules)
    Class.new(Puma::Server) { prepend(*modules) }.new(->(_env) { [200, {}, ["right"]] }, nil, min_threads: 4, max_threads: 8)
  end

  it("keeps the head of every answer") { expect(heard(server(described_class, put_aside(0.3)))).to eq(["right"] * 4) }
  it("is needed: without it Puma loses one") { expect(heard(server(put_aside(3)))).to match(/wrong status line/) }
end
