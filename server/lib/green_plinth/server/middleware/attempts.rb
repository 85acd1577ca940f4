# frozen_string_literal: true

require "rack/attack"

module GreenPlinth
  module Server
    module Middleware
      # A few tries of the password, or of the code of a device, in a minute, from one address and from all together; then there is a wait.
      class Attempts < Rack::Attack
        # Tries, and seconds that they are counted over.
        MOST = 5
        MOST_OF_ALL = 30
        SECONDS = 60

        # Counts in memory, each until its time is over, as Rack::Attack asks for them.
        class Counts
          def initialize
            @counts = {}
            @lock = Mutex.new
          end

          # @param expires_in [Numeric] seconds
          # @return [Integer] with this one
          def increment(key, amount, expires_in:)
            now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
            @lock.synchronize do
              @counts.delete_if { |_, (_, ends)| ends <= now }
              count, ends = @counts.fetch(key, [0, now + expires_in])
              @counts[key] = [count + amount, ends]
              count + amount
            end
          end
        end

        # Rack::Attack counts in one place for all of a process.
        Rack::Attack.cache.store = Counts.new
        @enabled = true
        @configuration = Rack::Attack::Configuration.new
        tried = ->(request) { request.post? && request.path.start_with?("/login", "/pair") }
        throttle("password/address", limit: MOST, period: SECONDS) { |request| request.ip if tried.call(request) }
        throttle("password/all", limit: MOST_OF_ALL, period: SECONDS) { |request| "all" if tried.call(request) }
        self.throttled_responder = lambda do |_request|
          Refusal.new(429, "Too many tries", "Wait #{SECONDS} seconds before it is tried again.")
                 .response("retry-after" => SECONDS.to_s)
        end
      end
    end
  end
end
