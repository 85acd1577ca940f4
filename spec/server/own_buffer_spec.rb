# frozen_string_literal: true

require "open3"

# In a process of its own: a server of this one may have been given the buffers already. Two threads are put aside where it hurts:
# the one when it has handed the connection on, until the other has put together the head of its answer; that one until its buffer
# has been emptied, or for a while.
RSpec.describe "GreenPlinth::Server::OwnBuffer" do
  race = <<~RUBY
    $stdout.sync = true
    require "net/http"
    require "#{File.expand_path("../../server/lib/green_plinth/server/own_buffer", __dir__)}"

    seconds = Float(ARGV.fetch(0))
    heads, handed_on = Queue.new, Queue.new
    waited = ->(&done) { (seconds * 100).to_i.times { done.call ? break : sleep(0.01) } }
    hand_on = lambda do |reactor|
      reactor.define_singleton_method(:add) do |connection|
        heads.clear
        super(connection).tap { (handed_on << true) && waited.call { heads.size.positive? } }
      end
    end
    put_aside = Module.new do
      define_method(:run) { |*args| super(*args).tap { hand_on.call(@reactor) } }
      define_method(:str_headers) do |env, status, headers, body, buffer, keep|
        super(env, status, headers, body, buffer, keep).tap { (heads << true) && waited.call { buffer.length.zero? } }
      end
    end
    modules = [(GreenPlinth::Server::OwnBuffer if ARGV[1] == "own"), put_aside].compact
    server = Class.new(Puma::Server) { prepend(*modules) }.new(->(_env) { [200, {}, ["right"]] }, nil, min_threads: 4, max_threads: 8)
    port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
    server.run
    http = Net::HTTP.start("127.0.0.1", port, max_retries: 0)
    begin
      # Each is asked for when the connection has been handed on.
      puts Array.new(4) { handed_on.pop && http.get("/").body }.join(" ")
    rescue Net::HTTPBadResponse => e
      puts e.message
    end
    exit!
  RUBY

  heard = lambda do |seconds, *own|
    Open3.capture2e(RbConfig.ruby, "-rbundler/setup", "-e", race, "--", seconds.to_s, *own).first
  end

  it("keeps the head of every answer") { expect(heard.call(0.3, "own").strip).to eq("right right right right") }
  it("is needed: without it Puma loses one") { expect(heard.call(5)).to match(/wrong status line/) }
end
