# frozen_string_literal: true

module GreenPlinth
  # No schedule can exist. The message names the steps and says why.
  class Infeasible < Error
    attr_reader :steps

    # @param why [String] a sentence
    # @param steps [Array<String>] ids of the steps it is about
    def initialize(why, steps: [])
      @steps = steps.freeze
      super(why)
    end
  end
end
