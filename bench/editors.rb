# frozen_string_literal: true

# Several editors at once: edits a second and how long each takes, alone, four together, and four beside one who asks heavy
# questions; with one process and with several. It clears the database that it is given: give it the one of the specs.
#   DATABASE_URL=… ruby -rbundler/setup bench/editors.rb [PROCESSES…]
require "json"
require "securerandom"
require "sequel"
require "socket"
require_relative "../torture/client"

url = ENV.fetch("DATABASE_URL")
abort("#{url} is no database of the specs") unless url.end_with?("_test")
ROOT = File.expand_path("..", __dir__)
SECONDS = Integer(ENV.fetch("SECONDS", "12"))
FILE = JSON.parse(File.read(File.join(ROOT, "samples/lineside-set.json")))
HEAVY = %w[rescues schools].freeze

port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
now = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }

edit = lambda do |client, build, round|
  at = FILE["subjects"][0]["at_mm"]
  patch = [{ op: "replace", path: "/subjects/0/at_mm", value: [at[0] + ((round % 40) * 0.5), at[1]] }]
  client.patch("/api/builds/#{build["id"]}", { id: SecureRandom.uuid, version: build["version"], label: "Move", patch: patch })
end

# @return [Array<Float>] seconds of each edit
editing = lambda do |client, build, ends|
  times = []
  while now.call < ends
    answer = edit.call(client, build, times.size)
    next build = client.get("/api/builds/#{build["id"]}").json unless answer&.ok?

    build = answer.json
    times << answer.seconds
  end
  times
end

# Each time of another version, so that none is answered already.
asking = lambda do |client, build, ends|
  HEAVY.cycle do |question|
    break if now.call > ends

    client.patch("/api/builds/#{build["id"]}", { id: SecureRandom.uuid, version: build["version"], label: "Warm",
      patch: [{ op: "replace", path: "/climate/temperature_c", value: 15 + (build["version"] % 10) }] })
    sleep(0.05) while now.call < ends && client.get("/api/builds/#{build["id"]}/#{question}")&.status == 202
    build = client.get("/api/builds/#{build["id"]}").json
  end
end

printf("%9s %-28s %9s %9s %9s\n", "processes", "", "edits/s", "median", "p95")
(ARGV.empty? ? [0, 2] : ARGV.map { |count| Integer(count) }).each do |processes|
  Sequel.connect(url) { |database| database[:builds].delete }
  serve = spawn({ "WEB_CONCURRENCY" => processes.to_s, "DATABASE_URL" => url }, File.join(ROOT, "bin/lib/serve"), "tcp://127.0.0.1:#{port}")
  work = spawn({ "DATABASE_URL" => url }, File.join(ROOT, "bin/lib/work"), out: File::NULL)
  clients = Array.new(5) { Torture::Client.new(port) }
  sleep(0.2) until clients.first.get("/api/session")&.ok?
  # No two builds have a part in common.
  builds = clients.each_with_index.map do |client, at|
    client.post("/api/builds",
FILE.merge("climate" => { "temperature_c" => 17 + at }, "plinth" => FILE["plinth"].merge("thickness_mm" => 12 + at)))
      .json
  end
  clients.zip(builds) { |client, build| editing.call(client, build, now.call + 2) }
  [["one editor", 1, false], ["four editors", 4, false], ["four beside heavy questions", 4, true]].each do |name, editors, heavy|
    builds = clients.zip(builds).map { |client, build| client.get("/api/builds/#{build["id"]}").json }
    ends = now.call + SECONDS
    busy = Thread.new { asking.call(clients.last, builds.last, ends) } if heavy
    times = Array.new(editors) { |at| Thread.new { editing.call(clients[at], builds[at], ends) } }.flat_map(&:value).sort
    busy&.join
    printf("%9d %-28s %9.1f %7.0fms %7.0fms\n", processes, name, times.size / SECONDS.to_f, (times[times.size / 2] || 0) * 1000,
      (times[times.size * 95 / 100] || 0) * 1000)
  end
ensure
  [serve, work].compact.each { |process| Process.kill(:TERM, process) && Process.wait(process) }
  Sequel.connect(url) { |database| database[:builds].delete }
end
