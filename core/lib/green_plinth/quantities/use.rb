# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # Some of one material: amount (nil where unknown) in ml, g, piece, mm or mm2 of sheet; colour: of one that comes in colours,
    # "#rrggbb", nil where none is said.
    Use = Struct.new(:material, :amount, :unit, :pieces, :colour, keyword_init: true) do
      # @param factor [Numeric]
      def *(factor)
        dup.tap do |more|
          more.amount = amount && (amount * factor)
          more.pieces = pieces&.map { |piece| piece.merge(count: piece[:count] * factor) }
        end
      end

      def to_h = { "material" => material, "amount" => amount&.round(2), "unit" => unit, "colour" => colour }
    end
  end
end
