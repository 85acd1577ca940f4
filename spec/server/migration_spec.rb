# frozen_string_literal: true

# Databases of before become those of now without loss. Each spec has a database of its own, as an older program left it.
RSpec.describe "Migrations" do
  let(:folder) { File.join(Specimens::ROOT, "db/migrations") }
  let(:name) { "green_plinth_migrating_#{Process.pid}_test" }
  let(:url) { ENV.fetch("DATABASE_URL").sub(%r{[^/]+\z}, name) }

  before do
    ServerSpec.database.run("CREATE DATABASE #{name}")
    Sequel.extension(:migration)
  end

  after do
    database.disconnect
    ServerSpec.database.run("DROP DATABASE #{name}")
  end

  def database = @database ||= Sequel.connect(url).extension(:pg_json)
  def migrate(to = nil) = Sequel::Migrator.run(database, folder, target: to)

  it "make events of what files marked and of what was seen to dry, and lose nothing of the file" do
    migrate(10)
    file = JSON.parse(JSON.generate(plain_file))
    done = { "step" => "plinth/prepare", "finished" => "2027-03-01T19:10", "hands_on_min" => 8 }
    progress = { "as_of" => "2027-03-04T18:00", "done" => [done],
                 "pinned" => [{ "step" => "plinth/rim/coat-1", "at" => "2027-03-09T20:00" }] }
    ids = [file.merge("progress" => progress), file].map do |one|
      database[:builds].insert(file: Sequel.cast(JSON.generate(one), :json), summary: Sequel.pg_jsonb_wrap({}), version: 4)
    end
    database[:dryings].insert(material: "earth_paste", foretold_min: 600.0, observed_min: 900.0, note: "by the window")
    migrate
    store = GreenPlinth::Server::Store.new(database)
    rows = database[:builds].order(:id).select_map(%i[file progress version file_version])
    expect(rows.map(&:first)).to eq([file, file])
    expect(rows.map { |row| row[1] }).to eq([progress, nil])
    expect(rows.map { |row| row[2..] }).to all(eq([4, 4]))
    log = GreenPlinth::Events::Log.new(store.events(ids.first).map { |row| GreenPlinth::Events::Event.of(row) })
    expect(GreenPlinth::Events::Standing.new(log, 1).progress).to eq(progress)
    expect(GreenPlinth::Server::Workshop.new(store).notes.map(&:to_h))
      .to match([a_hash_including(material: "earth_paste", foretold_min: 600.0, observed_min: 900.0, note: "by the window")])
  ensure
    Que.connection = ServerSpec.database
  end
end
