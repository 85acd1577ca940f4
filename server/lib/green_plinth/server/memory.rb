# frozen_string_literal: true

module GreenPlinth
  module Server
    # What was computed of each build that is worked on, so that it is remembered until the next edit, whoever works on others
    # meanwhile.
    class Memory
      # Builds that are remembered: those that were asked for last.
      MOST = 12

      def initialize
        @lock = Mutex.new
        forget
      end

      # @param id [Integer, nil] of a build; nil: of files that are no builds, or not yet
      # @return [Memo]
      def of(id)
        @lock.synchronize do
          memo = @memos[id] = @memos.delete(id) || Memo.new
          @memos.shift if @memos.size > MOST
          memo
        end
      end

      # Where the process has grown too large: the half of the builds that was not asked for the longest is forgotten.
      # @return [void]
      def lighten = @lock.synchronize { ((@memos.size + 1) / 2).times { @memos.shift } }

      # @return [void]
      def forget = @lock.synchronize { @memos = {} }
    end
  end
end
