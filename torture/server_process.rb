# frozen_string_literal: true

require "net/http"
require "socket"
require "tmpdir"

module Torture
  # The application as a process of its own on loopback, over the database of DATABASE_URL, to be killed.
  class ServerProcess
    ROOT = File.expand_path("..", __dir__)
    PATIENCE = 40

    attr_reader :port, :pid

    # @param database [String] URL
    # @param worker [Boolean] whether heavy questions are answered beside it
    def initialize(database, port: nil, worker: false)
      @database = database
      @worker = worker
      @port = port || TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
      @log = File.join(Dir.tmpdir, "green-plinth-torture-#{@port}.log")
    end

    def start
      @pid = spawned("serve", "tcp://127.0.0.1:#{port}", pgroup: true)
      @work ||= spawned("work") if @worker
      self
    end

    # @return [ServerProcess] once it answers
    def ready
      limit = now + PATIENCE
      sleep(0.05) until answers? || now > limit || !alive?
      raise "the server does not answer: #{tail}" unless answers?

      self
    end

    def kill
      finish("KILL")
      Process.kill("KILL", @work) && Process.wait(@work) if @work
      @work = nil
    end

    # @return [Boolean] whether what answers heavy questions still does, where there is one
    def working? = @work.nil? || Process.wait(@work, Process::WNOHANG).nil?

    # @return [Float] seconds until it was gone
    def stop
      began = now
      finish("TERM")
      now - began
    end

    def alive? = pid && Process.wait(pid, Process::WNOHANG).nil?

    # @return [Float] MB at most so far
    def peak_mb = File.read("/proc/#{pid}/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024.0

    # @return [String] what it said when it died, where it died of itself; a restart writes on
    def last_words = File.file?(@log) ? File.readlines(@log).grep(/\[BUG\]|Error|SIG/).last(3).join(" ").strip : ""

    def tail = File.file?(@log) ? File.readlines(@log).last(3).join(" ").strip : ""

    private

    # With as long for an answer as a maker's server has, whatever the specs are given.
    def spawned(command, *given, **more)
      Process.spawn({ "DATABASE_URL" => @database, "GREEN_PLINTH_SECONDS" => nil }, File.join(ROOT, "bin/lib", command), *given,
        out: [@log, "a"], err: [:child, :out], **more)
    end

    def finish(signal)
      return unless pid

      Process.kill(signal, pid)
      Process.wait(pid)
      @pid = nil
    rescue Errno::ESRCH, Errno::ECHILD
      @pid = nil
    end

    def answers?
      Net::HTTP.start("127.0.0.1", port, open_timeout: 1, read_timeout: 2) { |http| http.get("/api/session").code == "200" }
    rescue SystemCallError, IOError, Timeout::Error
      false
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end
end
