# frozen_string_literal: true

module GreenPlinth
  # How often work had to be done again, by key: a share with a Beta prior, so that one mishap is no rule.
  class Risks
    # One step in so many has to be done again (from memory); it weighs as much as so many steps seen.
    USUAL = 0.03
    WEIGHT = 10.0

    # @param seen [Hash{String => Array(Integer, Integer)}] how often it was done again and how often it was done, by key
    def initialize(seen = {})
      @seen = seen
    end

    # @return [Integer] how often it was done
    def count(key) = (@seen[key] || [0, 0]).last

    # @return [Integer] how often it was done again
    def again(key) = (@seen[key] || [0, 0]).first

    # @return [Float] 0..1: mean of the Beta distribution after what was seen
    def share(key) = ((USUAL * WEIGHT) + again(key)) / (WEIGHT + count(key))

    # @return [Array<String>]
    def keys = @seen.keys
  end
end
