# frozen_string_literal: true

module GreenPlinth
  module Colour
    # What was computed of colours, for every thread; when it has grown too large it is begun anew.
    class Kept
      # So many.
      MOST = 2000

      def initialize
        @known = {}
        @lock = Mutex.new
      end

      # @return what is kept under the key, else what the block says
      def fetch(key)
        found = @lock.synchronize { @known[key] }
        return found if found

        yield.tap do |value|
          @lock.synchronize do
            @known.clear if @known.size >= MOST
            @known[key] = value
          end
        end
      end
    end
  end
end
