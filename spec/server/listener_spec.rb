# frozen_string_literal: true

RSpec.describe "News of changes" do
  before { ServerSpec.clear }

  # A store whose database is away as often as it is told, and which says what it is told when it is there.
  def store(away: 0, versions: {}, news: Queue.new)
    stand_in = Object.new
    stand_in.define_singleton_method(:versions) { versions }
    stand_in.define_singleton_method(:listen) do |ready:, &block|
      raise Sequel::DatabaseConnectionError, "nobody there" if (away -= 1) >= 0

      ready.call
      loop { block.call(*news.pop) }
    end
    stand_in
  end

  def listener(store) = GreenPlinth::Server::Listener.new(store, pause: 0.01)

  it "waits no longer than it is told" do
    expect(listener(store).wait(1, nil, 0.01)).to be_nil
  end

  it "tells the version that somebody waits for" do
    news = Queue.new << [GreenPlinth::Server::Store::CHANGED, "1 7"]
    expect(listener(store(news: news)).wait(1, nil, 5)).to eq(7)
  end

  it "waits on while there is news of other builds only" do
    news = Queue.new << [GreenPlinth::Server::Store::CHANGED, "1 7"]
    ear = listener(store(news: news))
    ear.wait(1, nil, 5)
    waiting = Thread.new { ear.wait(1, 7, 5) }
    Timeout.timeout(5) { sleep 0.01 until waiting.stop? }
    news << [GreenPlinth::Server::Store::CHANGED, "2 3"]
    Timeout.timeout(5) { sleep 0.01 until ear.latest(2) == 3 }
    news << [GreenPlinth::Server::Store::CHANGED, "1 8"]
    expect(waiting.value).to eq(8)
  end

  it "listens again when the database is back, and looks up what it missed" do
    ear = nil
    expect do
      ear = listener(store(away: 3, versions: { 4 => 9 }))
      ear.wait(4, nil, 5)
    end.to output(/nobody there; trying again/).to_stderr
    expect(ear.latest(4)).to eq(9)
  end

  it "says that own entries are others, when told so and after each time that it was away" do
    times = Queue.new
    news = Queue.new
    listener(store(news: news)).on_restocked { times << :restocked }
    news << [GreenPlinth::Server::Store::RESTOCKED, ""]
    expect(Timeout.timeout(5) { times.pop }).to eq(:restocked)
  end

  describe "through the database" do
    let(:other) { GreenPlinth::Server::Store.new(ServerSpec.database) }
    let(:file) { JSON.parse(JSON.generate(plain_file)) }

    it "hears of a build that another process changes" do
      id = other.create(file, summary: {})
      ear = listener(ServerSpec.store)
      Timeout.timeout(5) { sleep 0.01 until ear.latest(id) }
      other.change(id, 1, file, label: "Nothing", patch: [], summary: {})
      expect(ear.wait(id, 1, 5)).to eq(2)
    end

    it "gives a desk the entries that another process stocks" do
      desk = GreenPlinth::Server::Desk.new(ServerSpec.store)
      listener(ServerSpec.store).on_restocked { desk.restock }
      copy = desk.catalogue.materials.fetch("cork_tile").to_h.except("key").merge("name" => "bark tile")
      other.put_own("materials" => { "bark_tile" => copy })
      Timeout.timeout(5) { sleep 0.01 until desk.catalogue.materials.key?("bark_tile") }
      expect(desk.catalogue.materials["bark_tile"].name).to eq("bark tile")
    end
  end
end
