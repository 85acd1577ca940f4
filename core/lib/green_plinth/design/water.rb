# frozen_string_literal: true

module GreenPlinth
  class Design
    # What is poured: a level, a medium, layers.
    class Water < Part
      def level_mm = data["level_mm"]&.to_f
      def medium = data["medium"]
      def max_layer_mm = data["max_layer_mm"]&.to_f
      def own_layers = data["layers"]
      def tinted? = (data.dig("tint", "drops_per_10ml") || 0).positive?
    end
  end
end
