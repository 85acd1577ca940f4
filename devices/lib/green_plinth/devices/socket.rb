# frozen_string_literal: true

require "fileutils"
require "json"
require "socket"

module GreenPlinth
  module Devices
    # A device over a local socket: it writes a line of JSON five times a second to whoever listens, and reads commands, a line each.
    class Socket
      EVERY_S = 0.2
      # A line longer than this is no command, bytes.
      LONGEST = 500

      # @param path [String] of the socket
      # @param device [#read, #take]
      def initialize(path, device)
        @path = path
        @device = device
        @lock = Mutex.new
      end

      # Serves until it is told to stop.
      def run
        FileUtils.mkdir_p(File.dirname(@path))
        FileUtils.rm_f(@path)
        UNIXServer.open(@path) do |server|
          File.chmod(0o600, @path)
          loop { Thread.new(server.accept) { |client| serve(client) } }
        end
      ensure
        FileUtils.rm_f(@path)
      end

      private

      def serve(client)
        reader = Thread.new { obey(client) }
        loop do
          client.puts(JSON.generate(@lock.synchronize { @device.read(Process.clock_gettime(Process::CLOCK_MONOTONIC)) }))
          sleep(EVERY_S)
        end
      rescue SystemCallError, IOError
        nil # Whoever listened has gone.
      ensure
        # What was said before hanging up is heard still.
        reader&.join(1)
        reader&.kill
        client.close
      end

      def obey(client)
        while (line = client.gets("\n", LONGEST))
          command = JSON.parse(line)
          @lock.synchronize { @device.take(command) } if command.is_a?(Hash)
        end
      rescue JSON::ParserError
        retry
      rescue SystemCallError, IOError
        nil
      end
    end
  end
end
