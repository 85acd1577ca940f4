# frozen_string_literal: true

module Torture
  # Every described route, asked by every method with what nobody should send: a clear refusal or a right answer, soon.
  class Fuzz
    THREADS = 4
    DESCRIPTION = File.join(ServerProcess::ROOT, "docs/openapi.json")
    # A text as it stands in an address.
    def self.encoded(text) = text.bytes.map { |byte| format("%%%02X", byte) }.join

    # For a place in a path or a query: ids, numbers, moments, lengths, and what is none of them.
    WORDS = ["1", "0", "-1", "999999999", "9223372036854775808", "1e400", "NaN", "Infinity", "0x1f", "12.5", "1,5", "1%2F0",
      "%FF", "%C0%80", "%00", "%0D%0AX-Bad:%201", "%27%3B--", "%20", "", "..%2F..%2Fetc", "<script>", encoded("é"), encoded("🌊"),
      "null", "true", "a" * 3000, "2027-03-01T09:00", "9999-12-31T23:59", "0000-00-00T00:00", "4.2%20m", "13%20ft%209%20in",
      "-60,0,60,0", "-60,0", "1;2;3;4", "materials", "techniques", "earth_paste", "grain", "plinth%2Fprepare", "A4",
      "svg", "ics", "json", "pdf"].freeze
    # Forms of a query that some readers take for lists and tables.
    SHAPES = ["N=V", "N[]=V", "N[a]=V", "N[a][b]=V", "N=V&N=V", "N", "N=%", "=V", "N[=V", "N;V"].freeze
    BODIES = ["", "null", "[]", "{}", "0", "\"text\"", "{", "[" * 60, "\u0000", "\xFF".b, "{\"a\":1e400}", "{\"version\":1e30}",
              "{\"version\":#{2**70},\"label\":\"x\",\"patch\":[{\"op\":\"add\",\"path\":\"/story\",\"value\":1}]}",
              "{\"version\":1,\"label\":\"x\",\"patch\":[{\"op\":\"copy\",\"from\":\"\",\"path\":\"/a\"}]}",
              "{\"version\":1,\"label\":\"x\",\"patch\":[{\"op\":\"move\",\"from\":\"/plinth\",\"path\":\"/plinth/a\"}]}",
              "{\"version\":1,\"label\":\"x\",\"patch\":[{\"op\":\"remove\",\"path\":\"/plinth\"}]}",
              "{\"version\":1,\"label\":\"\\ud800\",\"patch\":[{\"op\":\"test\",\"path\":\"/scale\",\"value\":35}]}",
              "{\"id\":\"not-a-uuid\",\"version\":1,\"label\":\"x\",\"patch\":[]}", "{\"patch\":[]}",
              "{\"patch\":[{\"op\":\"add\",\"path\":\"/forms\",\"value\":[{}]}]}", "{\"seed\":#{2**62}}", "{\"seed\":-1}",
              "{\"svg\":\"<svg><path d='M0 0 L NaN 1 Z'/></svg>\"}",
              "{\"svg\":\"<svg viewBox='0 0 0 0'><rect width='1e999' height='1'/></svg>\"}",
              "{\"svg\":\"<!DOCTYPE a [<!ENTITY b SYSTEM 'file:///etc/passwd'>]><svg>&b;</svg>\"}",
              "{\"dxf\":\"0\\nSECTION\\n10\\nNaN\\n\"}",
              "{\"dxf\":\"\"}", "{\"text\":\"BEGIN:\"}", "{\"text\":\"BEGIN:VCALENDAR\\nBEGIN:\\nEND:VCALENDAR\"}",
              "{\"text\":\"BEGIN:VCALENDAR\\nBEGIN:VEVENT\\nDTSTART:99991231T235959Z\\nRRULE:FREQ=SECONDLY\\nEND:VEVENT\\nEND:VCALENDAR\"}",
              "{\"data\":\"####\",\"height_mm\":10,\"sheet_mm\":1,\"material\":\"cork_tile\"}",
              "{\"data\":\"iVBORw0KGgo=\",\"height_mm\":10,\"sheet_mm\":1,\"material\":\"cork_tile\"}",
              "{\"form\":99,\"sheet_mm\":1}", "{\"form\":-1,\"sheet_mm\":1e-9}", "{\"step\":\"\",\"kind\":\"done\",\"moment\":\"\"}",
              "{\"step\":\"plinth/prepare\",\"observed_min\":1e9}", "{\"build\":#{2**65}}", "{\"build\":0}",
              "{\"materials\":{\"a b\":{}}}", "{\"format\":\"green-plinth-catalogue/1\",\"materials\":{\"x\":null}}"].freeze
    RAW = ["GET /%C0%80 HTTP/1.1\r\nHost: localhost\r\n\r\n", "GET /\xE9 HTTP/1.1\r\nHost: localhost\r\n\r\n".b, "\r\n", "\r\n\r\n\r\n",
           "GET / HTTP/9.9\r\n\r\n", "GET http://elsewhere/ HTTP/1.1\r\nHost: elsewhere\r\n\r\n",
           "GET / HTTP/1.1\r\nHost: elsewhere\r\n\r\n",
           "POST /api/builds HTTP/1.1\r\nHost: localhost\r\nContent-Length: 120000000\r\n\r\n{",
           "POST /api/builds HTTP/1.1\r\nHost: localhost\r\nContent-Length: -1\r\n\r\n{}",
           "POST /api/builds HTTP/1.1\r\nHost: localhost\r\nTransfer-Encoding: chunked\r\n\r\nZZ\r\n",
           "GET /api/builds?a=%ZZ HTTP/1.1\r\nHost: localhost\r\n\r\n", "GET /#{"a" * 20_000} HTTP/1.1\r\nHost: localhost\r\n\r\n",
           "GET / HTTP/1.1\r\nHost: localhost\r\nX: #{"y" * 200_000}\r\n\r\n",
           "BREW /pot HTTP/1.1\r\nHost: localhost\r\n\r\n", "\x16\x03\x01".b].freeze

    # @param within [Numeric] seconds that an answer may take
    def initialize(kit, requests:, within: Client::SOON)
      @kit = kit
      @requests = requests
      @within = within
      @bad = Queue.new
      @seconds = Queue.new
      @statuses = Queue.new
    end

    def call
      server = @kit.server.start.ready
      @build = Client.new(server.port).post("/api/builds", OddBuild::PLAIN).json["id"]
      Array.new(THREADS) { |n| Thread.new { ask(server, Random.new(@kit.random.seed + n), @requests / THREADS) } }.each(&:join)
      RAW.each { |bytes| note("raw #{bytes[0, 40].inspect}", Client.new(server.port).raw(bytes), silent: true) }
      told(server.peak_mb)
    ensure
      server&.kill
    end

    private

    def told(megabytes)
      statuses, bad, seconds = [@statuses, @bad, @seconds].map { |queue| Array.new(queue.size) { queue.pop } }
      kinds = statuses.map { |status| "#{status / 100}xx" }.tally.sort.map { |kind, count| "#{count} #{kind}" }.join(", ")
      line = format("%d requests (%s), %d × 5xx, late or none, slowest %.1f s, memory %d MB", statuses.size, kinds, bad.size, seconds.max,
        megabytes)
      Result.new("fuzz", bad.any? ? "#{line}: #{bad.uniq.min_by(6) { |one| one.match?(/: 5\d\d/) ? 0 : 1 }.join("; ")}" : line, bad.empty?)
    end

    def routes
      @routes ||= JSON.parse(File.read(DESCRIPTION))["paths"].flat_map { |path, all| all.keys.map { |verb| [verb, path, all[verb]] } }
      .select { |verb, path, _| %w[get post put patch delete].include?(verb) && path != "/api/events" }
    end

    def ask(server, random, count)
      client = Client.new(server.port)
      broken = Client.new(server.port).tap { |one| one.define_singleton_method(:headers) { super().merge("X-CSRF-Token" => "x" * 40) } }
      count.times do
        verb, path, operation = routes.sample(random: random)
        next if verb == "delete" && path == "/api/builds/{id}" && random.rand < 0.9

        target = filled(path, operation, random)
        who = random.rand < 0.1 ? broken : client
        answer = send_it(who, verb, target, random)
        note("#{verb.upcase} #{target[0, 90]}", answer, lost: who.lost)
      end
    end

    def send_it(client, verb, target, random)
      return client.public_send(verb, target) if %w[get delete].include?(verb)

      client.public_send(verb, target, BODIES.sample(random: random).dup)
    rescue URI::InvalidURIError, ArgumentError
      client.raw("#{verb.upcase} #{target} HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n")
    end

    def filled(path, operation, random)
      plain = path.gsub(/{\w+}/) { |name| name == "{id}" && random.rand < 0.15 ? @build : WORDS.sample(random: random) }
      names = (operation["parameters"] || []).select { |one| one["in"] == "query" }.map { |one| one["name"] }
      return plain if names.empty? && random.rand < 0.7

      names = (names + ["sections"]).sample(1 + random.rand(3), random: random)
      "#{plain}?#{names.map { |name| shaped(name, random) }.join("&")}"
    end

    def shaped(name, random)
      word = WORDS.sample(random: random)
      SHAPES.sample(random: random).gsub(/[NV]/) { |place| place == "N" ? name : word }
    end

    # silent: the server may hang up without an answer, as on what is no HTTP at all.
    # lost: why there is no answer, where that is known.
    def note(what, answer, silent: false, lost: nil)
      return silent || @bad << "#{what}: no answer#{" (#{lost.class}: #{lost.message})" if lost}" unless answer

      @statuses << answer.status
      @seconds << answer.seconds
      @bad << "#{what}: #{answer.status}" if answer.status >= 500
      @bad << format("%s: %.1f s", what, answer.seconds) if answer.seconds > @within
    end
  end
end
