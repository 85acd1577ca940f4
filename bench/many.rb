# frozen_string_literal: true

# What a full shelf costs: pages over ever more open builds, each asked once cold (nothing is remembered by the process) and then
# warm. It clears the database that it is given: give it the one of the specs.
#   DATABASE_URL=… ruby --yjit -rbundler/setup -Icore/lib -Iserver/lib bench/many.rb [COUNT…]
require "green_plinth_server"
require "rack/mock"

url = ENV.fetch("DATABASE_URL")
abort("#{url} is no database of the specs") unless url.end_with?("_test")
database = Sequel.connect(url, max_connections: 60) # each application listens on one
samples = Dir[File.expand_path("../samples/*.json", __dir__)].sort.map { |path| JSON.parse(File.read(path)) }
counts = ARGV.empty? ? [9, 26, 50, 100, 300, 500] : ARGV.map { |count| Integer(count) }
now = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) * 1000 }

# Each sample told once; its copies have its plan under other titles. All keep the evenings of one maker.
evenings = { "weekly" => %w[mon tue wed thu fri].map { |day| { "day" => day, "from" => "19:00", "to" => "22:00" } } }
desk = GreenPlinth::Server::Desk.new(GreenPlinth::Server::Store.new(database))
told = samples.map do |file|
  file = file.merge("calendar" => evenings.merge("start" => "2027-03-01T08:00", "finish_by" => "2027-06-01T08:00"))
  [file, desk.told_or_bare(file)]
end
store = GreenPlinth::Server::Store.new(database)
clear = -> { database[:builds].delete }
app = -> { GreenPlinth::Server.app(database, clock: -> { Time.new(2027, 3, 3, 20) }) }

printf("%6s %-26s %9s %9s %10s\n", "builds", "", "cold", "warm", "bytes")
clear.call
begin
  counts.each do |count|
    (database[:builds].count...count).each do |number|
      file, known = told[number % told.size]
      title = "#{file["title"]}, #{number}"
      store.create(file.merge("title" => title), **known, summary: known[:summary].merge("title" => title))
    end
    ["/api/builds?limit=24", "/api/builds?sort=ready&search=peat", "/api/now?at=2027-03-03T20:00", "/api/weeks"].each do |path|
      request = Rack::MockRequest.new(app.call)
      times = Array.new(6) do
        began = now.call
        answer = request.get(path, "HTTP_HOST" => "127.0.0.1")
        abort("#{path}: #{answer.status} #{answer.body[0, 300]}") unless answer.ok?
        @bytes = answer.body.bytesize
        now.call - began
      end
      printf("%6d %-26s %7.0fms %7.0fms %10d\n", count, path[/[^?]+/], times.first, times.drop(1).sort[2], @bytes)
    end
  end
ensure
  clear.call
end
