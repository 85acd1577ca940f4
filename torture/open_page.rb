# frozen_string_literal: true

require "ferrum"

module Torture
  # A page is open and edits are made in it while the server fails in one way after the other: each edit is there in the end,
  # once, and the page says so.
  class OpenPage
    OUTAGES = %i[server_killed server_stopped database_cut network_gone answers_lost server_frozen].freeze
    SECONDS = 45

    # @param outages [Integer] how many of them
    def initialize(kit, outages:)
      @kit = kit
      @outages = OUTAGES.first(outages)
    end

    def call
      @server = @kit.server.start.ready
      @build = Client.new(@server.port).post("/api/builds", OddBuild::PLAIN.merge("forms" => [form])).json["id"]
      @browser = Ferrum::Browser.new(browser_options: { "no-sandbox" => nil }, window_size: [1280, 800], timeout: 20, process_timeout: 30)
      @browser.go_to("http://127.0.0.1:#{@server.port}/builds/#{@build}/build-up")
      said(/\ASaved/)
      @browser.at_xpath("//button[contains(., 'Bank')]").click
      kept = @outages.select { |outage| endure(outage) }
      lost = @outages - kept
      line = "#{kept.size} of #{@outages.size} outages, every edit kept once#{": not #{lost.join(", ")}" if lost.any?}"
      Result.new("open page", line, lost.empty?)
    ensure
      @browser&.quit
      @server&.kill
    end

    private

    def form
      { "id" => "bank", "name" => "bank", "kind" => "lift", "material" => "cork_tile", "sheet_mm" => 3,
        "outline" => { "kind" => "rectangle", "width_mm" => 40, "depth_mm" => 20, "at_mm" => [0, 0] } }
    end

    # Three nudges to the right, in the middle of which it happens.
    def endure(outage)
      before = x
      edits = labels
      nudge
      send(outage) { 2.times { nudge } }
      said(/\ASaved/) && x == before + 3 && labels == edits + 3
    end

    def nudge = @browser.keyboard.type(:Right)

    # Drawn anew between being found and being read, it says nothing yet.
    def status
      @browser.at_css("[role=status]")&.text.to_s
    rescue Ferrum::NodeNotFoundError
      ""
    end

    def x = Client.new(@server.port).get("/api/builds/#{@build}").json["file"]["forms"][0]["outline"]["at_mm"][0]
    def labels = @kit.labels(@build).count { |label| label.match?(/bank/i) }

    def said(wanted)
      limit = Process.clock_gettime(Process::CLOCK_MONOTONIC) + SECONDS
      sleep(0.1) until status.match?(wanted) || Process.clock_gettime(Process::CLOCK_MONOTONIC) > limit
      status.match?(wanted)
    end

    def server_killed
      @server.kill
      yield
      @server.start.ready
    end

    def server_stopped
      @server.stop
      yield
      said(/kept here/)
      @server.start.ready
    end

    def database_cut
      @kit.kill_database_sessions
      yield
      @kit.kill_database_sessions
    end

    def network_gone
      @browser.network.emulate_network_conditions(offline: true)
      yield
      said(/kept here/)
      @browser.network.emulate_network_conditions(offline: false)
    end

    # The edit is taken, its answer never comes: the server dies between the two.
    def answers_lost
      yield
      sleep(0.05)
      @server.kill
      @server.start.ready
    end

    def server_frozen
      Process.kill("STOP", @server.pid)
      yield
      sleep(2)
      Process.kill("CONT", @server.pid)
    end
  end
end
