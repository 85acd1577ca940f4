# frozen_string_literal: true

module GreenPlinth
  module Server
    # What the database tells of changes, whichever process made them: the newest version of each build, and that the
    # workshop's own entries are others now. One thread of its own listens and calls whoever asked to be told. When the database
    # was away, it listens again as soon as it is back, and looks up what it missed.
    class Listener
      # Between two tries to reach a database that is away, seconds.
      PAUSE = 1
      @listeners = {}
      @lock = Mutex.new

      # @return [Listener] the one for this store, begun when first asked for
      def self.of(store) = @lock.synchronize { @listeners[store] ||= new(store) }

      # @return [Hash{Store => Listener}] all that listen
      def self.all = @lock.synchronize { @listeners.dup }

      # @param pause [Numeric] seconds
      def initialize(store, pause: PAUSE)
        @store = store
        @versions = {}
        @lock = Mutex.new
        @restocked, @stored, @weighed, @told, @returned, @inquiries = [], [], [], [], [], []
        @thread = Thread.new { listen(pause) }
      end

      # Hears no more: its connection goes back.
      # @return [void]
      def stop = @thread.kill.join

      # Calls the block whenever own entries or notes of drying may have changed.
      def on_restocked(&block) = @lock.synchronize { @restocked << block }

      # Calls the block whenever the stores or preferences may have changed.
      def on_stored(&block) = @lock.synchronize { @stored << block }

      # Calls the block with each reading of the scales, JSON.
      def on_weighed(&block) = @lock.synchronize { @weighed << block }

      # Calls the block with a build and its version at each change; version 0: it was deleted.
      def on_news(&block) = @lock.synchronize { @told << block }

      # Calls the block with an inquiry as data (see Store::Inquiries) whenever one has come farther.
      def on_inquiry(&block) = @lock.synchronize { @inquiries << block }

      # Calls the block with all versions whenever it listens again: what was missed can be seen by them.
      def on_return(&block) = @lock.synchronize { @returned << block }

      # @return [Hash{Integer => Integer}] the newest version heard of, by build
      def versions = @lock.synchronize { @versions.dup }

      # @return [Integer, nil] of one build
      def latest(id) = @lock.synchronize { @versions[id] }

      private

      def listen(pause)
        @store.listen(ready: -> { catch_up }) { |channel, payload| heard(channel, payload) }
      rescue Sequel::Error => e
        Log.outage(e)
        sleep(pause)
        retry
      end

      def heard(channel, payload)
        case channel
        when Store::RESTOCKED then restocked
        when Store::STORED then @lock.synchronize { @stored.dup }.each(&:call)
        when Store::SCALES then @lock.synchronize { @weighed.dup }.each { |block| block.call(payload) }
        when Store::INQUIRIES then @lock.synchronize { @inquiries.dup }.each { |block| block.call(JSON.parse(payload)) }
        else publish(*payload.split.map(&:to_i))
        end
      end

      # What happened while nobody listened.
      def catch_up
        versions = @store.versions
        returned = @lock.synchronize do
          @versions = versions
          @returned.dup
        end
        returned.each { |block| block.call(versions.dup) }
        restocked
      end

      def restocked = @lock.synchronize { @restocked.dup }.each(&:call)

      def publish(id, version)
        told = @lock.synchronize do
          version.zero? ? @versions.delete(id) : @versions[id] = version
          @told.dup
        end
        told.each { |block| block.call(id, version) }
      end
    end
  end
end
