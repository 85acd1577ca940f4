# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # Some of one material: amount (nil where unknown) in ml, g, piece, mm or mm2 of sheet.
    Use = Struct.new(:material, :amount, :unit, :pieces, keyword_init: true) do
      # @param factor [Numeric]
      def *(factor) = self.class.new(material: material, amount: amount && (amount * factor), unit: unit, pieces: pieces)

      def to_h = { "material" => material, "amount" => amount&.round(2), "unit" => unit }
    end
  end
end
