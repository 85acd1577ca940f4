# frozen_string_literal: true

module GreenPlinth
  # A file that is refused whole. `problems` tells each place and what to do about it.
  class InvalidFile < Error
    attr_reader :problems

    # @param problems [Array<Problem>] at least one
    def initialize(problems)
      @problems = problems.freeze
      super("The file is not valid: #{problems.map(&:to_s).join("; ")}")
    end
  end
end
