# frozen_string_literal: true

module GreenPlinth
  # What was computed, by what it was computed from, for every thread; when it has grown too large it is begun anew.
  class Kept
    # @param most [Integer] so many are kept
    def initialize(most = 2000)
      @most = most
      @known = {}
      @lock = Mutex.new
    end

    # @return what is kept under the key, else what the block says
    def fetch(key)
      found = @lock.synchronize { @known[key] }
      return found if found

      yield.tap do |value|
        @lock.synchronize do
          @known.clear if @known.size >= @most
          @known[key] = value
        end
      end
    end
  end
end
