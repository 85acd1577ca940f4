# frozen_string_literal: true

module GreenPlinth
  module Drying
    # What a maker has seen: how long materials really took against what was foretold of them, by material.
    class History < Ratios
      # @param material [Catalogue::Material, nil]
      # @return [Float] of ln time: less of what the maker has seen often
      def spread_of(material) = material ? spread(material.key, Spread.of(material)) : 0.0

      # @return [Factor, nil] to be told with the others
      def noted_factor(key)
        return if count(key).zero?

        Factor.new("own history", factor(key),
          "#{count(key) == 1 ? "seen once" : "seen #{count(key)} times"}, weighing #{count(key)} to #{PRIOR.to_i}", "your own notes")
      end
    end
  end
end
