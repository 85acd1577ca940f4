# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # How many stock sheets pieces take: their bounding boxes laid out, turned where that fits; a piece larger than a
    # sheet is laid from several, by area. Thicknesses are not mixed.
    class Nesting
      # Joins and cuts lose this share when a piece is laid from several sheets (from memory).
      JOINED_YIELD = 0.85

      # @param sheet_mm [Array(Float, Float)]
      # @param pieces [Array<Hash>] width:, depth:, sheet_mm:, count:, area:
      # @param copies [Integer]
      def initialize(sheet_mm, pieces, copies)
        @long, @short = sheet_mm.minmax.reverse.map(&:to_f)
        @pieces = pieces
        @copies = copies
      end

      # @return [Integer] sheets
      def count = @count ||= @pieces.group_by { |piece| piece[:sheet_mm] }.sum { |_, pieces| of_one_thickness(pieces) }

      private

      def of_one_thickness(pieces)
        small, large = pieces.partition { |piece| fits?(piece) }
        joined = large.sum { |piece| (piece[:area] * piece[:count] * @copies / (@long * @short * JOINED_YIELD)).ceil }
        full, left = small.map { |piece| full_sheets(piece) }.transpose
        joined + (full || []).sum + laid_out((left || []).flatten(1))
      end

      # Sheets filled with nothing but one piece, in rows and columns, and the boxes that are left over: a batch of many
      # alike is counted, not laid out one by one.
      # @return [Array(Integer, Array)]
      def full_sheets(piece)
        short, long = [piece[:width], piece[:depth]].minmax
        held = [[long, short], [short, long]].map { |along, up| (@long / along + 1e-9).floor * (@short / up + 1e-9).floor }.max
        sheets, left = (piece[:count] * @copies).divmod(held)
        [sheets, [[short, long]] * left]
      end

      def fits?(piece)
        short, long = [piece[:width], piece[:depth]].minmax
        short <= @short && long <= @long
      end

      def laid_out(boxes)
        Templates::Packing.new([@long, @short], boxes.map { |short, long| Templates::Packing::Box.new(nil, long, short, true) }).sheets.size
      end
    end
  end
end
