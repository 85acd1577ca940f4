# frozen_string_literal: true

module GreenPlinth
  module Templates
    # How the pieces of each material and thickness lie on stock sheets: sheets, yield, what is left over.
    class CuttingPlan
      # Laid out one by one up to so many pieces; of a larger batch the first copies are shown, the count stands in the shopping list.
      MOST_BOXES = 300

      # @param pieces [Array<Piece>]
      # @param catalogue [Catalogue]
      # @param copies [Integer] bases
      def initialize(pieces, catalogue, copies)
        @pieces = pieces
        @catalogue = catalogue
        @copies = copies
      end

      # @return [Array<Hash>] one for each material and thickness that comes in sheets
      def to_a
        cuttable.group_by { |piece| [piece.material, piece.sheet_mm] }
          .map { |(material, sheet_mm), pieces| plan(@catalogue[material], sheet_mm, pieces) }
      end

      private

      def cuttable = @pieces.select { |piece| piece.sheet_mm && @catalogue[piece.material]&.pack&.key?("size_mm") }

      def plan(material, sheet_mm, pieces)
        size = material.pack["size_mm"].map(&:to_f)
        small, large = pieces.partition { |piece| fits?(piece, size, material) }
        whole = small.flat_map { |piece| [piece] * (piece.count * @copies) }.first(MOST_BOXES)
        boxes = whole.map { |piece| Packing::Box.new(piece.order, *piece.size_mm, !material.trait?("grain")) }
        packing = Packing.new(size, boxes)
        { "material" => material.key, "name" => material.name, "sheet_mm" => sheet_mm, "size_mm" => size,
          "grain" => material.trait?("grain"), "sheets" => packing.sheets.map { |sheet| sheet_as_data(sheet, size, pieces) },
          "lower_bound" => boxes.empty? ? 0 : packing.lower_bound, "too_large" => large.map(&:order),
          "shown_of" => [boxes.size, small.sum { |piece| piece.count * @copies }] }
      end

      def fits?(piece, size, material)
        width, depth = piece.size_mm
        (width <= size[0] && depth <= size[1]) || (!material.trait?("grain") && width <= size[1] && depth <= size[0])
      end

      def sheet_as_data(sheet, size, pieces)
        used = sheet.sum { |placed| Plan::Geos.area(pieces.find { |piece| piece.order == placed.key }.shape) }
        { "placed" => sheet.map { |one| place(one) }, "yield_pct" => (100 * used / size.reduce(:*)).round(1) }
      end

      def place(one)
        { "order" => one.key, "x" => one.x.round(2), "y" => one.y.round(2), "width" => one.width.round(2), "depth" => one.depth.round(2),
          "turned" => one.turned }
      end
    end
  end
end
