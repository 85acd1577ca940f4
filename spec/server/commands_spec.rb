# frozen_string_literal: true

require "open3"
require "socket"
require "tmpdir"

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

    def free_port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }

    def serve(port)
      script = 'load Gem.bin_path("puma", "puma")'
      pid = Process.spawn({ "DATABASE_URL" => ENV.fetch("DATABASE_URL"), "APP_ENV" => "test" }, "ruby", "-rbundler/setup", "-e", script,
        "--", "--silent", "--bind", "tcp://127.0.0.1:#{port}", "config.ru", chdir: Specimens::ROOT, out: File::NULL, err: File::NULL)
      120.times { (answers?(port) and return pid) || sleep(0.25) }
      raise "the server did not come up"
    end

    def answers?(port)
      TCPSocket.new("127.0.0.1", port).close
      true
    rescue SystemCallError
      false
    end

    it "loses nothing to a kill -9: what was answered is kept" do
      id = GreenPlinth::Server::Desk.new(ServerSpec.store).create(plain_file)
      port = free_port
      pid = serve(port)
      uri = URI("http://127.0.0.1:#{port}")
      title = Net::HTTP.start(uri.host, uri.port) do |http|
        session = http.get("/api/session")
        headers = { "Content-Type" => "application/json", "X-CSRF-Token" => JSON.parse(session.body)["csrf_token"],
                    "Cookie" => session["Set-Cookie"].split(";").first }
        edit = { version: 1, label: "Rename", patch: [{ op: "replace", path: "/title", value: "Kept" }] }
        JSON.parse(http.send_request("PATCH", "/api/builds/#{id}", JSON.generate(edit),
          headers).body)["file"]["title"]
      end
      Process.kill(:KILL, pid)
      Process.wait(pid)
      expect(title).to eq("Kept")
      expect(ServerSpec.store.find(id)).to have_attributes(version: 2, undo: "Rename")
      expect(ServerSpec.store.find(id).file["title"]).to eq("Kept")
    end
  end
end
