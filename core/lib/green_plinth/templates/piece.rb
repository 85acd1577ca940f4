# frozen_string_literal: true

module GreenPlinth
  module Templates
    # Something to cut out: its outline in mm where it will lie on the base, how often, in what order, what is marked on it.
    #   pointer: the form it belongs to; cut_lines: outlines cut into it, with their depth; glue_lines: where the piece
    #   above stands; feet: where subjects stand; scores: lines from point to point to fold along, nil where it stays flat
    Piece = Struct.new(:pointer, :name, :material, :sheet_mm, :count, :order, :shape, :cut_lines, :glue_lines, :feet, :note, :scores,
      keyword_init: true) do
      # @return [Array(Float, Float, Float, Float)]
      def bounds = Plan::Geos.bounds(shape)

      def size_mm = bounds.then { |x0, y0, x1, y1| [x1 - x0, y1 - y0] }

      def to_h
        { "pointer" => pointer, "name" => name, "material" => material, "sheet_mm" => sheet_mm, "count" => count, "order" => order,
          "size_mm" => size_mm.map { |side| side.round(2) }, "area_mm2" => Plan::Geos.area(shape).round(1), "rings" => drawn(shape),
          "glue_lines" => glue_lines.flat_map { |line| drawn(line) }, "cut_lines" => cut_lines.flat_map { |line, _| drawn(line) },
          "scores" => (scores || []).map { |line| line.map { |x, y| [x.round(2), y.round(2)] } }, "feet" => feet, "note" => note }
      end

      private

      def drawn(geometry) = Plan::Geos.rings(geometry.simplify(0.03)).map { |ring| ring.map { |x, y| [x.round(2), y.round(2)] } }
    end
  end
end
