# frozen_string_literal: true

module GreenPlinth
  # A mistake of the program in one part (a check, a rule, a layer of the drawing) shall not take the rest with it. Whoever runs
  # the core for a maker says what to do with it; where nobody does, as in specs, it is raised.
  module Failures
    # What is an answer, not a mistake.
    ANSWERS = [InvalidFile, Infeasible].freeze

    class << self
      # @param handler [#call, nil] takes the name of the part and the error
      attr_writer :handler

      # @param part [String] in the maker's words
      # @param instead [Object] what stands in for a part that failed
      # @return the block's value
      def guard(part, instead)
        yield
      rescue *ANSWERS
        raise
      rescue StandardError => e
        raise unless @handler

        @handler.call(part, e)
        instead
      end

      # For as long as the block runs.
      def handled_by(handler)
        before = @handler
        @handler = handler
        yield
      ensure
        @handler = before
      end
    end
  end
end
