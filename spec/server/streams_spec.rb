# frozen_string_literal: true

require "socket"

RSpec.describe "Streams to open pages" do
  before { ServerSpec.clear }

  # What tells of changes, by hand.
  let(:listener) do
    Class.new do
      attr_accessor :versions

      def on_news(&block) = @news = block
      def on_return(&block) = @return = block
      def on_inquiry(&block) = @inquiry = block
      def on_stored(&block) = @stored = block
      def on_restocked(&block) = @restocked = block
      def on_weighed(&block) = @weighed = block
      def stored = @stored.call
      def restocked = @restocked.call
      def weighed(...) = @weighed.call(...)
      def inquiry(...) = @inquiry.call(...)
      def change(...) = @news.call(...)
      def return(versions) = @return.call(versions)
    end.new.tap { |one| one.versions = { 7 => 2 } }
  end
  let(:streams) { GreenPlinth::Server::Streams.new(listener, beat: 0.2) }

  # @return [Socket] the page's end of a stream
  def page
    ours, theirs = UNIXSocket.pair
    streams.take(theirs)
    ours
  end

  def read(page, wanted)
    text = +""
    Timeout.timeout(5) { text << page.readpartial(4096) until text.match?(wanted) }
    text
  end

  it "begin with what stands now, then tell each change to every page" do
    pages = [page, page]
    pages.each { |one| read(one, /event: versions\ndata: {"7":2}\n\n/) }
    listener.change(7, 3)
    listener.change(8, 0)
    pages.each { |one| expect(read(one, /"build":8,"version":0/)).to match(/event: changed\ndata: {"build":7,"version":3}\n\n/) }
  end

  it "tell that stores or own entries have changed, and what the scales read" do
    one = page
    read(one, /versions/)
    listener.stored
    listener.restocked
    listener.weighed("{\"g\":1.5}")
    expect(read(one, /scales/)).to match(/event: stores.*event: workshop.*event: scales\ndata: {"g":1.5}/m)
  end

  it "tell everything again when the database is back" do
    one = page
    read(one, /versions/)
    listener.return({ 9 => 1 })
    read(one, /data: {"9":1}/)
  end

  it "tell how far heavy questions have come" do
    one = page
    listener.inquiry({ "id" => 4, "state" => "working", "done" => 3, "of" => 9 })
    expect(read(one, /"of":9/)).to match(/event: inquiry\ndata: {"id":4,"state":"working","done":3,"of":9}\n\n/)
  end

  it "are noticed to be closed" do
    open = page
    page.close
    Timeout.timeout(5) { sleep 0.01 until streams.size == 1 }
    listener.change(7, 3)
    read(open, /"version":3/)
  end

  it "are dropped where nobody reads them, so that they hold nobody up" do
    stuck = page
    10_000.times { |n| listener.change(n, 1) }
    Timeout.timeout(5) { sleep 0.01 until streams.size.zero? }
    expect(Timeout.timeout(5) { stuck.read }).to include("versions")
  end

  it "end when they are told to" do
    one = page
    read(one, /versions/)
    streams.close
    expect(Timeout.timeout(5) { one.read }).to eq("")
    expect(streams.size).to eq(0)
  end

  it "are no more than there is room for" do
    stub_const("GreenPlinth::Server::Streams::MOST", 1)
    page
    expect(streams.room?).to be(false)
  end

  describe "over HTTP" do
    include Api

    it "hand the connection over, and keep no thread" do
      get("/api/events", {}, { "rack.hijack?" => true })
      expect(last_response.status).to eq(200)
      expect(last_response.media_type).to eq("text/event-stream")
      expect(last_response["rack.hijack"]).to respond_to(:call)
      expect(last_response.headers).not_to include("content-length")
    end
  end
end
