# frozen_string_literal: true

module GreenPlinth
  # The root of what the core raises on its input's account.
  class Error < StandardError; end
end
