# frozen_string_literal: true

module GreenPlinth
  module Server
    # One heavy question in que's queue.
    class AnsweringJob < Que::Job
      class << self
        # @return [Answerer] of this process
        attr_accessor :answerer
      end

      # @param inquiry [Integer] id
      def run(inquiry)
        self.class.answerer.call(inquiry)
      rescue Answerer::Stopping
        retry_in(0)
      end
    end
  end
end
