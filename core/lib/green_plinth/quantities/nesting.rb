# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # Cuts pieces from stock sheets: their bounding boxes on shelves, tallest first, turned where that fits; a piece
    # larger than a sheet is laid from several, by area. Thicknesses are not mixed.
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
        joined + (full || []).sum + shelves((left || []).flatten(1))
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

      # Shelves run along the sheet's long side; each box lies with its longer side along, unless upright fits better.
      def shelves(boxes)
        sheets = []
        boxes.sort_by { |short, long| [-short, -long] }.each { |short, long| place(sheets, short, long) }
        sheets.size
      end

      def place(sheets, height, width)
        sheets.each { |shelves| return if on_shelf(shelves, height, width) || new_shelf(shelves, height, width) }
        sheets << [{ height: height, used: width }]
      end

      def on_shelf(shelves, height, width)
        shelf = shelves.find { |one| one[:height] >= height - 1e-9 && one[:used] + width <= @long + 1e-9 } or return false
        shelf[:used] += width
        true
      end

      def new_shelf(shelves, height, width)
        return false if shelves.sum { |shelf| shelf[:height] } + height > @short + 1e-9

        shelves << { height: height, used: width }
        true
      end
    end
  end
end
