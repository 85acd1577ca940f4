# frozen_string_literal: true

module GreenPlinth
  module Server
    # Open pages, told of changes as they come: server-sent events (HTML standard, 9.2) over connections that the web server has
    # handed over. One thread writes to all of them; one that does not take what is written to it is dropped.
    class Streams
      # A comment goes out this often, so that a closed page is noticed, seconds.
      BEAT = 15
      # As many pages as are told at once; each browser has one for all its windows.
      MOST = 200

      # @param listener [Listener] what tells of changes
      def initialize(listener, beat: BEAT)
        @listener = listener
        @beat = beat
        @sockets = []
        @lock = Mutex.new
        @news = []
        @heard = ConditionVariable.new
        listener.on_news { |build, version| say(event(build, version)) }
        listener.on_return { |versions| say(all(versions)) }
        listener.on_stored { say("event: stores\ndata: {}\n\n") }
        listener.on_weighed { |reading| say("event: scales\ndata: #{reading.delete("\n")}\n\n") }
        listener.on_restocked { say("event: workshop\ndata: {}\n\n") }
        listener.on_inquiry { |inquiry| say("event: inquiry\ndata: #{JSON.generate(inquiry)}\n\n") }
      end

      # @return [Boolean] whether another one can be told
      def room? = @lock.synchronize { @sockets.size < MOST }

      # Takes over a connection whose headers have been sent. What stands now is told first: what changed while the page was
      # not told is seen by it.
      def take(socket)
        start
        write(socket, "retry: 2000\n\n#{all(@listener.versions)}") && @lock.synchronize { @sockets << socket }
      end

      # Ends all of them.
      def close
        @lock.synchronize { @sockets.slice!(0..) }.each { |socket| hang_up(socket) }
      end

      # @return [Integer]
      def size = @lock.synchronize { @sockets.size }

      private

      def start = @lock.synchronize { @thread = Thread.new { tell } unless @thread&.alive? }

      def say(text)
        @lock.synchronize do
          @news << text if @sockets.any?
          @heard.signal
        end
      end

      def tell
        loop do
          text, open = @lock.synchronize do
            @heard.wait(@lock, @beat) if @news.empty?
            [@news.empty? ? ": still here\n\n" : @news.slice!(0..).join, @sockets.dup]
          end
          gone = open.reject { |socket| write(socket, text) }
          @lock.synchronize { @sockets -= gone } if gone.any?
        end
      end

      # @return [Boolean] whether it was taken at once: a page that reads has room for so little
      def write(socket, text)
        return true if socket.write_nonblock(text) == text.bytesize

        hang_up(socket)
      rescue IO::WaitWritable, SystemCallError, IOError
        hang_up(socket)
      end

      def hang_up(socket)
        socket.close
        false
      rescue SystemCallError, IOError
        false
      end

      # version 0: it is deleted
      def event(build, version) = "event: changed\ndata: #{JSON.generate("build" => build, "version" => version)}\n\n"
      def all(versions) = "event: versions\ndata: #{JSON.generate(versions.transform_keys(&:to_s))}\n\n"
    end
  end
end
