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

  def eventually = Timeout.timeout(5) { sleep 0.01 until yield }

  it "tells the version of a build as it changes, and that it is deleted" do
    news = Queue.new
    heard = Queue.new
    ear = listener(store(news: news, versions: { 1 => 3 }))
    ear.on_news { |build, version| heard << [build, version] }
    eventually { ear.latest(1) == 3 }
    news << [GreenPlinth::Server::Store::CHANGED, "1 7"] << [GreenPlinth::Server::Store::CHANGED, "1 0"]
    expect(Timeout.timeout(5) { [heard.pop, heard.pop] }).to eq([[1, 7], [1, 0]])
    expect(ear.versions).to eq({})
  end

  it "listens again when the database is back, looks up what it missed and tells it" do
    back = Queue.new
    expect do
      ear = listener(store(away: 3, versions: { 4 => 9 }))
      ear.on_return { |versions| back << versions }
      eventually { ear.latest(4) == 9 }
    end.to output(/nobody there/).to_stderr
    expect(Timeout.timeout(5) { back.pop }).to eq({ 4 => 9 })
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

    # Each connection of the pool that was cut is found out by one call that fails on it.
    def created_after_all
      other.create(file, summary: {})
    rescue Sequel::DatabaseDisconnectError
      retry
    end

    it "hears of a build that another process changes" do
      id = other.create(file, summary: {})
      ear = listener(ServerSpec.store)
      eventually { ear.latest(id) == 1 }
      other.change(id, 1, file, label: "Nothing", patch: [], summary: {})
      eventually { ear.latest(id) == 2 }
      other.delete(id)
      eventually { ear.latest(id).nil? }
      other.bring_back(id)
      eventually { ear.latest(id) == 3 }
    end

    it "comes back by itself after its connection is cut, and knows what happened meanwhile" do
      id = other.create(file, summary: {})
      ear = listener(ServerSpec.store)
      eventually { ear.latest(id) == 1 }
      cut = "count(pg_terminate_backend(pid)) FROM pg_stat_activity WHERE datname = current_database() AND state = 'idle' " \
            "AND pid <> pg_backend_pid()"
      expect do
        other.delete(id)
        expect(ServerSpec.database.get(Sequel.lit(cut))).to be_positive
        again = created_after_all
        eventually { ear.latest(again) == 1 && ear.latest(id).nil? }
      end.to output(/database is away/).to_stderr
    end

    it "gives a desk the entries that another process stocks" do
      desk = GreenPlinth::Server::Desk.new(ServerSpec.store)
      listener(ServerSpec.store).on_restocked { desk.restock }
      copy = desk.catalogue.materials.fetch("cork_tile").to_h.except("key").merge("name" => "bark tile")
      other.put_own("materials" => { "bark_tile" => copy })
      eventually { desk.catalogue.materials.key?("bark_tile") }
      expect(desk.catalogue.materials["bark_tile"].name).to eq("bark tile")
    end
  end
end
