# frozen_string_literal: true

module GreenPlinth
  module Exports
    # Pieces side by side in one row, their feet on a line: how templates lie on one drawing.
    module PieceRow
      # Between pieces, mm.
      GAP = 12.0

      module_function

      # @param pieces [Array<Templates::Piece>]
      # @return [Array<Array(Piece, Float, Float)>] each with how far it is moved, mm
      def lay(pieces)
        at = GAP
        pieces.map do |piece|
          x0, y0, x1, = piece.bounds
          moved = [piece, at - x0, GAP - y0]
          at += x1 - x0 + GAP
          moved
        end
      end
    end
  end
end
