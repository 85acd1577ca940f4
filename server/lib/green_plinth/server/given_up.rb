# frozen_string_literal: true

module GreenPlinth
  module Server
    # Raised within a computation that takes too long, or whose asker has gone. No StandardError: what guards its own mistakes
    # does not take it for one of them.
    class GivenUp < Exception # rubocop:disable Lint/InheritException
    end
  end
end
