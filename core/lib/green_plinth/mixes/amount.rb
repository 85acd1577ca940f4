# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # So much of one part, told in everything that it can be measured by. ml and what follows from it: nil where the density is unknown.
    Amount = Struct.new(:g, :ml) do
      # @param density [Float, nil] g/ml
      def self.of(g, density) = new(g, density && (g / density))

      def drops = ml && (ml / Catalogue::Measures::DROP_ML)
      def teaspoons = ml && (ml / Catalogue::Measures::TEASPOON_ML)
      def tablespoons = ml && (ml / Catalogue::Measures::TABLESPOON_ML)

      def to_h
        { "g" => g, "ml" => ml, "drops" => drops, "teaspoons" => teaspoons, "tablespoons" => tablespoons }
          .transform_values { |value| value&.round(3) }
      end
    end
  end
end
