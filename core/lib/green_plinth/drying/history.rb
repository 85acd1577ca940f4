# frozen_string_literal: true

module GreenPlinth
  module Drying
    # What a maker has seen: how long materials really took against what was foretold of them. Ratios are taken as
    # log-normal; a few observations move the forecast a little, many move it all the way.
    class History
      # So many observations weigh as much as the catalogue's own figure.
      PRIOR = 3.0
      # However often a thing was seen, it still varies (from memory).
      LEAST_SPREAD = 0.05

      # @param ratios [Hash{String => Array<Float>}] observed ÷ foretold, by material
      def initialize(ratios = {})
        @ratios = ratios
      end

      # @return [Integer] how often a material was seen
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

      # @return [Factor, nil] to be told with the others
      def noted_factor(key)
        return if count(key).zero?

        Factor.new("own history", factor(key),
          "#{count(key) == 1 ? "seen once" : "seen #{count(key)} times"}, weighing #{count(key)} to #{PRIOR.to_i}", "your own notes")
      end

      private

      def weight(key) = count(key) / (count(key) + PRIOR)
    end
  end
end
