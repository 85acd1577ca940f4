# frozen_string_literal: true

module Torture
  # Two servers over one database are as one: what either does, the other knows.
  class Twins
    SECONDS = 20

    def initialize(kit)
      @kit = kit
      @checks = []
    end

    def call
      @servers = Array.new(2) { @kit.server.start }.each(&:ready)
      @one, @other = @servers.map { |server| Client.new(server.port) }
      [:sessions, :builds, :edits, :own_entries, :notes, :deletions, :samples, :news].each { |part| send(part) }
      wrong = @checks.reject(&:last).map(&:first)
      Result.new("two servers", "#{@checks.size - wrong.size} of #{@checks.size} checks alike#{": not #{wrong.join(", ")}" if wrong.any?}",
        wrong.empty?)
    ensure
      @servers&.each(&:kill)
    end

    private

    def check(what) = @checks << [what, yield ? true : false]

    # Until it is so, or for a while.
    def soon(what)
      limit = Process.clock_gettime(Process::CLOCK_MONOTONIC) + SECONDS
      sleep(0.05) until (found = yield) || Process.clock_gettime(Process::CLOCK_MONOTONIC) > limit
      @checks << [what, found ? true : false]
    end

    def sessions
      headers = @one.headers
      there = Client.new(@servers.last.port).tap { |client| client.define_singleton_method(:headers) { headers } }
      check("a session of one holds at the other") { there.post("/api/builds", OddBuild::PLAIN).ok? }
      check("both answer") { [@one, @other].all? { |client| client.get("/api/builds").ok? } }
    end

    def builds
      @build = @one.post("/api/builds", OddBuild::PLAIN).json
      there = @other.get(path)
      check("a new build is at the other") { there.ok? }
      check("with the same evaluation") { there.json["evaluation"] == @build["evaluation"] }
      check("on the other's shelf") { shelf(@other).include?(@build["id"]) }
      %w[svg csv json ics dxf stl].each { |format| check("the same #{format}") { plain(@one, format) == plain(@other, format) } }
    end

    def path(rest = "") = "/api/builds/#{@build["id"]}#{rest}"
    def title = @one.get(path).json["file"]["title"]
    def shelf(client) = client.get("/api/builds").json["builds"].map { |build| build["id"] }
    # Without the moment at which a calendar was written.
    def plain(client, format) = client.get(path("/export.#{format}")).body.gsub(/^DTSTAMP.*$/, "")

    def edit(client, version, title, id: SecureRandom.uuid)
      patch = [{ "op" => "add", "path" => "/title", "value" => title }]
      client.patch(path, { "id" => id, "version" => version, "label" => title, "patch" => patch })
    end

    def edits
      check("an edit at one is at the other") { edit(@one, 1, "First").ok? && @other.get(path).json["file"]["title"] == "First" }
      check("a stale one is refused there") { edit(@other, 1, "Late").status == 409 }
      name = SecureRandom.uuid
      answers = [@one, @other].map { |client| edit(client, 2, "Twice", id: name) }
      check("the same edit sent to both is made once") { answers.all?(&:ok?) && @one.get(path).json["version"] == 3 }
      check("what one did the other undoes") { @other.post(path("/undo"), { "version" => 3 }).ok? && title == "First" }
      check("and the first does again") { @one.post(path("/redo"), { "version" => 4 }).json["file"]["title"] == "Twice" }
      taken = Array.new(8) { |n| Thread.new { 5.times.count { try(n.even? ? @servers.first : @servers.last, n) } } }.sum(&:value)
      check("of edits that race each is made once") { @one.get(path).json["version"] == 5 + taken && taken.positive? }
    end

    def try(server, number)
      client = Client.new(server.port)
      edit(client, client.get(path).json["version"], "Racer #{number}").ok?
    end

    def own_entries
      entry = @one.get("/api/catalogue/materials/earth_paste").json.except("key", "own").merge("name" => "twin clay")
      check("own material is taken") { @one.put("/api/catalogue/materials/twin_clay", entry).ok? }
      soon("and is known to the other") { @other.get("/api/catalogue/materials/twin_clay").ok? }
      zone = { "id" => "g", "ground" => "earth", "outline" => { "kind" => "rest" }, "courses" => [{ "material" => "twin_clay" }] }
      made = @other.post("/api/builds", OddBuild::PLAIN.merge("zones" => [zone]))
      check("builds there may use it") { made.ok? }
      check("and keep it from being taken away here") { @one.delete("/api/catalogue/materials/twin_clay").status == 409 }
      @one.delete("/api/builds/#{made.json["id"]}")
      check("until they are gone") { @other.delete("/api/catalogue/materials/twin_clay").ok? }
      soon("then it is gone from both") { @one.get("/api/catalogue/materials/twin_clay").status == 404 }
    end

    def notes
      zone = { "id" => "g", "ground" => "earth", "outline" => { "kind" => "rest" },
               "courses" => [{ "material" => "earth_paste", "thickness_mm" => 2 }] }
      wet = @one.post("/api/builds", OddBuild::PLAIN.merge("zones" => [zone])).json
      step = wet["evaluation"]["steps"].find { |one| one["material"] == "earth_paste" }
      # By material: what happens to a course names it, and its step by it.
      tail = ->(build) { build["evaluation"]["steps"].find { |one| one["material"] == "earth_paste" }["tail_min"] }
      seen = { "id" => SecureRandom.uuid, "kind" => "seen_dry", "at" => "2027-03-01T20:00:00Z", "step" => step["id"],
               "data" => { "observed_min" => 9000 } }
      @one.post("/api/builds/#{wet["id"]}/events", { "events" => [seen] })
      soon("what was seen to dry changes the forecast of both") do
        tails = [@one, @other].map { |client| tail[client.get("/api/builds/#{wet["id"]}").json] }
        tails.uniq.size == 1 && tails.first > step["tail_min"]
      end
    end

    def deletions
      @one.delete(path)
      check("a deleted build is gone from the other") { @other.get(path).status == 404 }
      check("which can bring it back") { @other.post("/api/deleted-builds/#{@build["id"]}").ok? && @one.get(path).ok? }
    end

    def samples
      [@one, @other].map { |client| Thread.new { client.post("/api/samples") } }.each(&:join)
      titles = @one.get("/api/builds").json["builds"].select { |build| build["sample"] }.map { |build| build["title"] }
      check("samples asked for by both are there once") { titles.any? && titles.uniq == titles }
    end

    def news
      page = Socket.tcp("127.0.0.1", @servers.last.port)
      page.write("GET /api/events HTTP/1.1\r\nHost: localhost\r\n\r\n")
      text = +""
      hear = -> { page.wait_readable(0.05) && text << page.read_nonblock(65_536, exception: false).to_s }
      soon("a page of one is told what stands") { hear.call && text.include?("event: versions") }
      version = @one.get(path).json["version"]
      edit(@one, version, "News")
      soon("and what the other changes") { hear.call && text.include?(%({"build":#{@build["id"]},"version":#{version + 1}})) }
      page.close
    end
  end
end
