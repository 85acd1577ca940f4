# frozen_string_literal: true

module GreenPlinth
  # What was observed against what was foretold, as ratios by key. They are taken as log-normal and shrunk towards 1: n observations
  # weigh n ÷ (n + 3), so that a few move the forecast a little and many all the way.
  class Ratios
    # So many observations weigh as much as what was foretold.
    PRIOR = 3.0
    # However often a thing was seen, it still varies (from memory).
    LEAST_SPREAD = 0.05

    # @param ratios [Hash{String => Array<Float>}] observed ÷ foretold, by key
    def initialize(ratios = {})
      @ratios = ratios
    end

    # @return [Integer] how often it was seen
    def count(key) = (@ratios[key] || []).size

    # @return [Float] by how much the forecast is longer, 1.0 for what was never seen
    def factor(key)
      ratios = @ratios[key] || []
      return 1.0 if ratios.empty?

      Math.exp(ratios.sum { |ratio| Math.log(ratio) } / ratios.size * weight(key))
    end

    # @param sigma [Float] spread of ln time where nothing was seen
    # @return [Float] less the more was seen
    def spread(key, sigma) = sigma.zero? ? 0.0 : [sigma * Math.sqrt(1 - weight(key)), LEAST_SPREAD].max

    # @return [Array<String>] keys that something was seen of
    def keys = @ratios.keys

    private

    def weight(key) = count(key) / (count(key) + PRIOR)
  end
end
