# frozen_string_literal: true

module GreenPlinth
  module Exports
    # The templates as a DXF drawing in millimetres (AutoCAD R12 text form, the plainest that everything reads): layers
    # CUT, DEPTH, GLUE, SCORE, FEET, NAMES. Group codes: Autodesk's published DXF reference.
    class TemplateDxf < Export
      code "dxf"
      title "All pieces to cut"
      beside :templates
      type "image/vnd.dxf"
      weight 60

      LAYERS = { "CUT" => 7, "DEPTH" => 1, "GLUE" => 8, "SCORE" => 4, "FEET" => 3, "NAMES" => 5 }.freeze

      # @return [String]
      def write = drawn(@evaluation.templates)

      # @param pieces [Array<Templates::Piece>]
      # @return [String]
      def drawn(pieces)
        body = PieceRow.lay(pieces).flat_map { |piece, dx, dy| piece_at(piece, dx, dy) }
        pairs = [[0, "SECTION"], [2, "HEADER"], [9, "$ACADVER"], [1, "AC1009"], [9, "$MEASUREMENT"], [70, 1], [9, "$INSUNITS"], [70, 4],
          [0, "ENDSEC"], *layers, [0, "SECTION"], [2, "ENTITIES"], *body, [0, "ENDSEC"], [0, "EOF"]]
        pairs.map { |code, value| "#{code}\n#{value}\n" }.join
      end

      private

      def layers
        [[0, "SECTION"], [2, "TABLES"], [0, "TABLE"], [2, "LAYER"], [70, LAYERS.size],
          *LAYERS.flat_map { |name, colour| [[0, "LAYER"], [2, name], [70, 0], [62, colour], [6, "CONTINUOUS"]] }, [0, "ENDTAB"],
          [0, "ENDSEC"]]
      end

      def piece_at(piece, dx, dy)
        [*rings("CUT", piece.shape, dx, dy), *piece.cut_lines.flat_map { |line, _| rings("DEPTH", line, dx, dy) },
          *piece.glue_lines.flat_map { |line| rings("GLUE", line, dx, dy) },
          *(piece.scores || []).map { |line| score(line, dx, dy) }.flatten(1), *piece.feet.flat_map { |x, y| foot(x + dx, y + dy) },
          *label(piece, dx, dy)]
      end

      def foot(x, y) = [[0, "CIRCLE"], [8, "FEET"], [10, number(x)], [20, number(y)], [30, 0.0], [40, 1.5]]

      def score(((x0, y0), (x1, y1)), dx, dy)
        [[0, "LINE"], [8, "SCORE"], [10, number(x0 + dx)], [20, number(y0 + dy)], [30, 0.0], [11, number(x1 + dx)], [21, number(y1 + dy)],
          [31, 0.0]]
      end

      def rings(layer, shape, dx, dy)
        Plan::Geos.rings(shape).flat_map do |ring|
          corners = ring[0..-2].flat_map { |x, y| [[0, "VERTEX"], [8, layer], [10, number(x + dx)], [20, number(y + dy)], [30, 0.0]] }
          [[0, "POLYLINE"], [8, layer], [66, 1], [70, 1], [10, 0.0], [20, 0.0], [30, 0.0], *corners, [0, "SEQEND"], [8, layer]]
        end
      end

      # R12 knows plain letters only.
      def label(piece, dx, dy)
        x, y = piece.bounds.first(2)
        text = "#{piece.name}, #{piece.count} x".encode("US-ASCII", invalid: :replace, undef: :replace, replace: "?").tr("\r\n", "  ")
        [[0, "TEXT"], [8, "NAMES"], [10, number(x + dx)], [20, number(y + dy - 6)], [30, 0.0], [40, 3.5], [1, text]]
      end

      def number(value) = value.round(4)
    end
  end
end
