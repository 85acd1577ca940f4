# frozen_string_literal: true

module Torture
  # Every odd build is sent as a maker would send it, and whatever is made of it is looked at from all sides: each answer is a
  # right one or says what is wrong, soon.
  class OddBuilds
    SIDES = %w[/relief /solid /templates /sight /drainage?x=0&y=0 /chance /schools /batch /export.json /export.svg /export.pdf
      /export.dxf /export.stl /export.csv /export.ics /export.cut-svg].freeze
    ELSEWHERE = %w[/api/builds /api/now /api/weeks].freeze

    # So long a heavy question is waited for before it is dropped, seconds.
    HEAVY = 4

    # Sides that one build is looked at from, beside its own page: others for the next one.
    AT_ONCE = 5

    # @param kit [Kit]
    # @param every [Integer] so many apart, for a short look
    # @param within [Numeric] seconds that an answer may take
    def initialize(kit, every: 1, within: Client::SOON)
      @kit = kit
      @within = within
      @builds = OddBuild.all.each_slice(every).map(&:first)
      @bad = []
      @slowest = 0
    end

    def call
      server = @kit.server(worker: true).start.ready
      @client = Client.new(server.port)
      @builds.each do |odd|
        send_it(odd)
        next if server.alive? && server.working?

        @bad.unshift("#{odd.name}: the server or its worker died: #{server.last_words}")
        server.kill
        server.start.ready
      end
      peak = server.peak_mb
      Result.new("odd builds", format("%d odd builds, %d crashes, slowest answer %.1f s, memory %d MB%s", @builds.size, @bad.size, @slowest,
        peak, @bad.any? ? ": #{@bad.first(5).join("; ")}" : ""), @bad.empty?)
    ensure
      server&.kill
    end

    private

    def send_it(odd)
      made = judged(odd, "POST", @client.post("/api/builds", odd.text)) or return
      told = made.json
      id = told["id"] || told.dig("broken", "id") or return
      @sides = (@sides || SIDES).rotate(AT_ONCE)
      ["", *@sides.first(AT_ONCE)].each { |side| look_at(odd, side, "/api/builds/#{id}#{side}") }
      ELSEWHERE.each { |path| judged(odd, path, @client.get(path)) }
      judged(odd, "DELETE", @client.delete("/api/builds/#{id}"))
    end

    def look_at(odd, side, path)
      ends = now + HEAVY
      answer = judged(odd, side, @client.get(path))
      while answer&.status == 202 && now < ends
        sleep(0.1)
        answer = judged(odd, side, @client.get(path))
      end
      judged(odd, "#{side} dropped", @client.delete(answer.headers["location"].first)) if answer&.status == 202
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def judged(odd, what, answer)
      return @bad << "#{odd.name} #{what}: no answer" && nil unless answer

      @slowest = [@slowest, answer.seconds].max
      @bad << "#{odd.name} #{what}: #{answer.status} #{answer.body[0, 200]}" if answer.status >= 500
      @bad << format("%s %s: %.1f s", odd.name, what, answer.seconds) if answer.seconds > @within
      answer
    end
  end
end
