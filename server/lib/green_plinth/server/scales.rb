# frozen_string_literal: true

require "socket"

module GreenPlinth
  module Server
    # The scales on the bench, over their local socket: while a page weighs, what they read is told to all open pages by the
    # database, whichever process the page listens to. The scales that ship are simulated, and say so.
    class Scales
      PATH = ENV.fetch("GREEN_PLINTH_SCALES", File.join(ROOT, "var", "devices", "scales.sock"))
      # So long readings go on after a page last said that it weighs, seconds.
      LISTENS_S = 20

      # @param store [Store]
      # @param path [String]
      def initialize(store, path = PATH)
        @store = store
        @path = path
        @lock = Mutex.new
        @until = 0
      end

      # @return [Boolean] whether there are scales
      def there? = File.socket?(@path)

      # Somebody weighs: readings are told from now on.
      # @return [Boolean] whether there are scales
      def listen
        return false unless there?

        @lock.synchronize do
          @until = now + LISTENS_S
          @thread = Thread.new { relay } unless @thread&.alive?
        end
        true
      end

      # @param command [Hash] see Devices::Scales
      # @return [Boolean] whether it reached them
      def command(command)
        UNIXSocket.open(@path) { |socket| socket.puts(JSON.generate(command)) }
        true
      rescue SystemCallError
        false
      end

      private

      def relay
        UNIXSocket.open(@path) do |socket|
          while now < @lock.synchronize { @until } && (line = socket.gets)
            @store.tell_scales(line.chomp)
          end
        end
      rescue SystemCallError, IOError
        nil # The scales are away: whoever weighs asks again.
      rescue Sequel::Error => e
        Log.outage(e)
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    end
  end
end
