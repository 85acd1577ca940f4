# frozen_string_literal: true

require "securerandom"

module GreenPlinth
  module Server
    # What pages were told of builds and of views of them, so that the next answer need only tell what is different. Each answer has a
    # name; whoever names one that is not known any more, or another server's, is told the whole.
    class Telling
      # Answers that are known: the last ones of each window that is worked in.
      MOST = 16
      # The longest name, characters.
      LONGEST = 80

      def initialize
        @lock = Mutex.new
        forget
      end

      # @return [void]
      def forget = @lock.synchronize { @answers = {} }

      # @param answer [Hash] of a build
      # @return [Hash] with its name, `told`
      def named(answer)
        name = SecureRandom.uuid
        answer = answer.merge("told" => name)
        @lock.synchronize do
          @answers[name] = answer
          @answers.shift if @answers.size > MOST
        end
        answer
      end

      # @param since [String, nil] name of an earlier answer
      # @param answer [Hash] a later one
      # @return [Array<Hash>, nil] JSON Patch that makes the one of the other; nil where the earlier one is not known
      def difference(since, answer)
        before = @lock.synchronize { @answers.delete(since)&.tap { |kept| @answers[since] = kept } } or return
        Difference.between(before, answer)
      end
    end
  end
end
