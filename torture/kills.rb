# frozen_string_literal: true

module Torture
  # Edits go in while the server, or the database's own processes, are killed without warning: whatever was acknowledged is there
  # afterwards, once.
  class Kills
    EDITORS = 3

    # @param kit [Kit]
    # @param rounds [Integer]
    def initialize(kit, rounds:)
      @kit = kit
      @rounds = rounds
      @acknowledged = 0
      @lost, @doubled = [], []
    end

    # @return [Result]
    def call
      @server = @kit.server.start.ready
      @builds = Array.new(EDITORS) { Client.new(@server.port).post("/api/builds", OddBuild::PLAIN).json["id"] }
      @marks = Hash.new { |all, build| all[build] = [] }
      @rounds.times { |round| play(round) }
      line = "#{@rounds} rounds of kill -9, #{@acknowledged} acknowledged edits, #{@lost.size} lost, #{@doubled.size} made twice"
      Result.new("kills", line, (@lost + @doubled).empty?)
    ensure
      @server&.kill
    end

    private

    def play(round)
      threads = @builds.map { |build| Thread.new { edit(build, round) } }
      sleep(0.05 + (@kit.random.rand * 0.4))
      round % 3 == 2 ? @kit.kill_database_sessions : restart
      threads.each(&:join)
      @server.ready
      @builds.each { |build| look(build) }
    end

    def restart
      @server.kill
      @server.start
    end

    # Each edit is labelled by a mark of its own, so that it is told from the others for good.
    def edit(build, round)
      client = Client.new(@server.port)
      8.times do |n|
        version = client.get("/api/builds/#{build}")&.then { |answer| answer.ok? && answer.json["version"] } or next
        mark = "r#{round}-#{n}"
        list = [{ "op" => "add", "path" => "/story", "value" => (@marks[build].last(30) + [mark]).join(" ") }]
        answer = client.patch("/api/builds/#{build}", { "id" => SecureRandom.uuid, "version" => version, "label" => mark, "patch" => list })
        @marks[build] << mark if answer&.ok?
      end
    end

    # Every acknowledged edit is a revision of the build, once; what the build shows is its newest or one that came after it.
    def look(build)
      labels = @kit.labels(build)
      fresh = @marks[build].last(40)
      @acknowledged = @marks.values.sum(&:size)
      @lost |= fresh.reject { |mark| labels.include?(mark) }.map { |mark| [build, mark] }
      @doubled |= fresh.select { |mark| labels.count(mark) > 1 }.map { |mark| [build, mark] }
    end
  end
end
