# frozen_string_literal: true

module GreenPlinth
  module Server
    # The newest version heard of for each build. One thread of its own listens to the database; readers wait here.
    class Bulletin
      @boards = {}
      @lock = Mutex.new

      # @return [Bulletin] the one for this store, begun when first asked for
      def self.of(store) = @lock.synchronize { @boards[store] ||= new(store) }

      def initialize(store)
        @versions = {}
        @lock = Mutex.new
        @news = ConditionVariable.new
        Thread.new { store.listen { |id, version| publish(id, version) } }
      end

      # @return [Integer, nil] the newest version heard of
      def latest(id) = @lock.synchronize { @versions[id] }

      # Waits for another version of a build than the one seen.
      # @param seconds [Numeric] at most so long
      # @return [Integer, nil] the version; nil when none came
      def wait(id, seen, seconds)
        @lock.synchronize do
          @news.wait(@lock, seconds) if @versions[id] == seen
          @versions[id] unless @versions[id] == seen
        end
      end

      def publish(id, version)
        @lock.synchronize do
          @versions[id] = version
          @news.broadcast
        end
      end
    end
  end
end
