# frozen_string_literal: true

module GreenPlinth
  module Server
    # What the database tells of changes, whichever process made them: the newest version of each build, and that the
    # workshop's own entries are others now. One thread of its own listens; readers wait here. When the database was away,
    # it listens again as soon as it is back, and looks up what it missed.
    class Listener
      # Between two tries to reach a database that is away, seconds.
      PAUSE = 1
      @listeners = {}
      @lock = Mutex.new

      # @return [Listener] the one for this store, begun when first asked for
      def self.of(store) = @lock.synchronize { @listeners[store] ||= new(store) }

      # @param pause [Numeric] seconds
      def initialize(store, pause: PAUSE)
        @store = store
        @versions = {}
        @lock = Mutex.new
        @news = ConditionVariable.new
        @restocked = []
        Thread.new { listen(pause) }
      end

      # Calls the block whenever own entries or notes of drying may have changed.
      def on_restocked(&block) = @lock.synchronize { @restocked << block }

      # @return [Integer, nil] the newest version heard of
      def latest(id) = @lock.synchronize { @versions[id] }

      # Waits for another version of a build than the one seen.
      # @param seconds [Numeric] at most so long
      # @return [Integer, nil] the version; nil when none came
      def wait(id, seen, seconds)
        until_then = now + seconds
        @lock.synchronize do
          # News of any build wakes everybody who waits.
          @news.wait(@lock, until_then - now) while @versions[id] == seen && now < until_then
          @versions[id] unless @versions[id] == seen
        end
      end

      private

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def listen(pause)
        @store.listen(ready: -> { catch_up }) { |channel, payload| heard(channel, payload) }
      rescue Sequel::Error => e
        warn "listening: #{e.message.lines.first&.strip}; trying again"
        sleep(pause)
        retry
      end

      def heard(channel, payload) = channel == Store::RESTOCKED ? restocked : publish(*payload.split.map(&:to_i))

      # What happened while nobody listened.
      def catch_up
        @store.versions.each { |id, version| publish(id, version) }
        restocked
      end

      def restocked = @lock.synchronize { @restocked.dup }.each(&:call)

      def publish(id, version)
        @lock.synchronize do
          @versions[id] = version
          @news.broadcast
        end
      end
    end
  end
end
