# frozen_string_literal: true

require "open3"
require "socket"
require "tmpdir"
require_relative "../../torture/client"
require_relative "../../torture/odd_build"
require_relative "../../torture/server_process"

# The commands as somebody at a shell meets them.
RSpec.describe "bin/" do
  def bin(name) = File.join(Specimens::ROOT, "bin", name)

  describe "green-plinth" do
    it "works from any folder" do
      Dir.mktmpdir do |folder|
        File.write(File.join(folder, "own.json"), JSON.generate(plain_file(title: "Elsewhere")))
        output, status = Open3.capture2(bin("green-plinth"), "evaluate", "own.json", chdir: folder)
        expect(status.exitstatus).to eq(0)
        expect(JSON.parse(output)["title"]).to eq("Elsewhere")
      end
    end

    it "passes its exit codes on" do
      _, error, status = Open3.capture3(bin("green-plinth"), "evaluate", "-", stdin_data: "{}")
      expect(status.exitstatus).to eq(2)
      expect(error).to match(/is missing format/)
    end
  end

  describe "start" do
    def refused(**environment)
      Open3.capture3(environment.transform_keys(&:to_s), bin("start")).then { |_, error, status| [status.exitstatus, error] }
    end

    it "says in a sentence what is wrong with its settings" do
      expect(refused(PORT: "abc")).to match([1, /PORT=abc is no port/])
      expect(refused(PORT: "70000")).to match([1, /PORT=70000 is no port/])
      beyond = { GREEN_PLINTH_BIND: "0.0.0.0" }
      expect(refused(**beyond)).to match([1, /say by which names, like GREEN_PLINTH_HOSTS=/])
      named = beyond.merge(GREEN_PLINTH_HOSTS: "workshop.example")
      expect(refused(**named)).to match([1, /would send the password in the clear/])
      expect(refused(**named, GREEN_PLINTH_CERT: "/nowhere.pem", GREEN_PLINTH_KEY: "/nowhere.key")).to match([1, /cannot be read/])
    end

    it "says in a sentence that the port is taken" do
      taken = TCPServer.new("127.0.0.1", 0)
      _, error, status = Open3.capture3({ "PORT" => taken.addr[1].to_s }, bin("start"))
      expect(status.exitstatus).to eq(1)
      expect(error).to match(/Stopped: port #{taken.addr[1]} is taken/)
    ensure
      taken&.close
    end
  end

  describe "the server" do
    before { ServerSpec.clear }

    let(:server) { Torture::ServerProcess.new(ENV.fetch("DATABASE_URL")).start.ready }
    let(:client) { Torture::Client.new(server.port) }

    after { server.kill }

    it "loses nothing to a kill -9: what was answered is kept" do
      id = GreenPlinth::Server::Desk.new(ServerSpec.store).create(plain_file)
      edit = { version: 1, label: "Rename", patch: [{ op: "replace", path: "/title", value: "Kept" }] }
      expect(client.patch("/api/builds/#{id}", edit).json["file"]["title"]).to eq("Kept")
      server.kill
      expect(ServerSpec.store.find(id)).to have_attributes(version: 2, undo: "Rename")
      expect(ServerSpec.store.find(id).file["title"]).to eq("Kept")
    end

    it "keeps a timer to the very second through a kill -9 in the middle of it" do
      id = GreenPlinth::Server::Desk.new(ServerSpec.store).create(plain_file)
      started = { id: SecureRandom.uuid, kind: "started", at: "2027-03-01T19:30:05.250+01:00", step: "plinth/prepare" }
      expect(client.post("/api/builds/#{id}/events", { events: [started] })).to be_ok
      server.kill
      again = Torture::ServerProcess.new(ENV.fetch("DATABASE_URL")).start.ready
      told = Torture::Client.new(again.port).get("/api/builds/#{id}/bench?at=2027-03-01T19:40").json
      expect(told["in_hand"]).to match([a_hash_including("running_since" => Time.utc(2027, 3, 1, 18, 30).to_i + 5.25, "spent_s" => 0.0)])
    ensure
      again&.kill
    end

    it "tells open pages of changes without a thread for each, and stops within five seconds with all of them open" do
      id = GreenPlinth::Server::Desk.new(ServerSpec.store).create(plain_file)
      pages = Array.new(40) do
        Socket.tcp("127.0.0.1", server.port).tap { |one| one.write("GET /api/events HTTP/1.1\r\nHost: localhost\r\n\r\n") }
      end
      pages.each { |one| until_told(one, /event: versions/) }
      expect(client.get("/api/builds")).to be_ok
      ServerSpec.store.delete(id)
      pages.each { |one| until_told(one, /"build":#{id},"version":0/) }
      computing = Thread.new { client.post("/api/builds", odd("forms-stacked").text) }
      sleep 0.5
      expect(server.stop).to be < 5
      # A quick machine has the build made by then, a slow one has not: told of it or not, every page's stream ends.
      expect { pages.each { |one| Timeout.timeout(5) { one.read } } }.not_to raise_error
      computing.join
    end

    it "refuses a body that is too large before it is sent" do
      answer = client.raw("POST /api/builds HTTP/1.1\r\nHost: localhost\r\nContent-Length: 120000000\r\n\r\n")
      expect(answer).to have_attributes(status: 413)
      expect(answer.body).to match(/too large/i)
    end

    def odd(name) = Torture::OddBuild.all.find { |one| one.name == name }

    def until_told(page, wanted)
      text = +""
      Timeout.timeout(10) { text << page.readpartial(4096) until text.match?(wanted) }
    end
  end

  describe "the database's beginning" do
    let(:url) { ENV.fetch("DATABASE_URL").sub(/_test\z/, "_twice_test") }
    let(:name) { url[%r{[^/]+\z}] }

    after { ServerSpec.database.run("DROP DATABASE IF EXISTS #{name}") }

    def prepare
      Open3.capture3({ "DATABASE_URL" => url }, "ruby", "-rbundler/setup", File.join(Specimens::ROOT, "bin/lib/prepare_database.rb"))
    end

    it "is made once by several that start at once, and refused where a newer program made it" do
      ServerSpec.clear
      expect(Array.new(3) { Thread.new { prepare.last.success? } }.map(&:value)).to all(be(true))
      Sequel.connect(url) do |db|
        expect(db[:builds].count).to eq(0)
        db[:schema_info].update(version: 900)
      end
      _, error, status = prepare
      expect([status.success?, error]).to match([false, /made by a newer Green Plinth/])
    end
  end

  describe "green-plinth-data" do
    before { ServerSpec.clear }

    def data(*words, **environment)
      whole = { "DATABASE_URL" => ENV.fetch("DATABASE_URL") }.merge(environment.transform_keys(&:to_s))
      Open3.capture3(whole, bin("green-plinth-data"), *words)
    end

    it "puts back what a backup holds, and keeps what was there before" do
      Dir.mktmpdir do |folder|
        store = ServerSpec.store
        id = store.create(plain_file(title: "Kept"), summary: {})
        store.change(id, 1, plain_file(title: "Newer"), label: "Newer", patch: [], summary: {})
        file = File.join(folder, "with space", "all.dump")
        expect(data("backup", file).last).to be_success
        ServerSpec.database[:builds].delete
        other = store.create(plain_file(title: "Meanwhile"), summary: {})
        expect(data("restore", file, GREEN_PLINTH_BACKUPS: folder).last).to be_success
        expect(store.find(id)).to have_attributes(version: 2, undo: "Newer")
        expect(store.before(id)["title"]).to eq("Kept")
        expect(store.find(other)).to be_nil
        expect(data("restore", Dir[File.join(folder, "before-restore-*.dump")].first, GREEN_PLINTH_BACKUPS: folder).last).to be_success
        expect(store.find(other).file["title"]).to eq("Meanwhile")
      end
    end

    it "changes nothing for what is no backup" do
      id = ServerSpec.store.create(plain_file, summary: {})
      Dir.mktmpdir do |folder|
        File.write(File.join(folder, "no.dump"), "hello")
        _, error, status = data("restore", File.join(folder, "no.dump"), GREEN_PLINTH_BACKUPS: folder)
        expect([status.exitstatus, error]).to match([1, /no backup that can be read/])
      end
      expect(ServerSpec.store.find(id)).not_to be_nil
      expect(data("restore", "/nowhere").then { |_, error, _| error }).to match(/there is no file/)
      expect(data("turn").last.exitstatus).to eq(2)
    end

    it "keeps one of each day for two weeks" do
      Dir.mktmpdir do |folder|
        old, young = [15, 13].map do |days|
          File.join(folder, "green-plinth-#{days}.dump").tap { |path|
 File.write(path, "x") && File.utime(*([Time.now - (days * 86_400)] * 2), path) }
        end
        2.times { expect(data("daily", GREEN_PLINTH_BACKUPS: folder).last).to be_success }
        expect(File.exist?(old)).to be(false)
        expect(Dir[File.join(folder, "*")]).to contain_exactly(young, File.join(folder, "green-plinth-#{Time.now.strftime("%F")}.dump"))
      end
    end
  end
end
