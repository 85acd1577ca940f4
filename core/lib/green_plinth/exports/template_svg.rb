# frozen_string_literal: true

require "cgi"

module GreenPlinth
  module Exports
    # All templates on one drawing, in millimetres, side by side: for a plotter, a laser or a drawing program. Layers
    # (groups) cut, depth, glue, score, feet.
    class TemplateSvg < Export
      code "cut-svg"
      title "All pieces to cut"
      beside :templates
      type "image/svg+xml"
      ending "-templates.svg"
      weight 70

      STYLES = { "cut" => 'stroke="#000" stroke-width="0.25"', "depth" => 'stroke="#b03020" stroke-width="0.2" stroke-dasharray="1 1"',
                 "glue" => 'stroke="#888" stroke-width="0.2" stroke-dasharray="2 1.5"',
                 "score" => 'stroke="#2b5f8a" stroke-width="0.2" stroke-dasharray="3 1 0.5 1"',
                 "feet" => 'stroke="#1f5b48" stroke-width="0.25"' }.freeze
      # Half the arm of the cross that marks a foot, and how far a piece's name stands below it, mm.
      ARM = 1.5
      BELOW = 5

      # @return [String]
      def write = drawn(@evaluation.templates, @design.title)

      # @param pieces [Array<Templates::Piece>]
      # @param title [String] of the build
      # @return [String]
      def drawn(pieces, title)
        placed = PieceRow.lay(pieces)
        width = placed.map { |piece, dx, _| piece.bounds[2] + dx }.max + PieceRow::GAP
        @height = placed.map { |piece, _, dy| piece.bounds[3] + dy }.max + PieceRow::GAP
        box = "width=\"#{mm(width)}mm\" height=\"#{mm(@height)}mm\" viewBox=\"0 0 #{mm(width)} #{mm(@height)}\""
        "<svg xmlns=\"http://www.w3.org/2000/svg\" #{box}><title>#{CGI.escapeHTML(title)}</title>" \
          "<g fill=\"none\">#{placed.map { |piece, dx, dy| group(piece, dx, dy) }.join}</g></svg>\n"
      end

      private

      def group(piece, dx, dy)
        at = ->((x, y)) { [mm(x + dx), mm(@height - (y + dy))] }
        lines = [path(piece.shape, "cut", at), *piece.cut_lines.map { |line, _| path(line, "depth", at) },
          *piece.glue_lines.map { |line| path(line, "glue", at) }, *(piece.scores || []).map { |line| score(line, at) },
          *piece.feet.map { |foot| cross(*at[foot].map(&:to_f)) }]
        "<g><title>#{CGI.escapeHTML(piece.name)}</title>#{lines.join}#{label(piece, at)}</g>"
      end

      def path(shape, layer, at)
        rings = Plan::Geos.rings(shape).map { |ring| "M#{ring[0..-2].map { |point| at[point].join(" ") }.join("L")}Z" }
        "<path class=\"#{layer}\" #{STYLES[layer]} d=\"#{rings.join}\"/>"
      end

      def score(line, at) = "<path class=\"score\" #{STYLES["score"]} d=\"M#{line.map { |point| at[point].join(" ") }.join("L")}\"/>"

      def cross(x, y)
        "<path class=\"feet\" #{STYLES["feet"]} d=\"M#{mm(x - ARM)} #{mm(y)}h#{mm(2 * ARM)}M#{mm(x)} #{mm(y - ARM)}v#{mm(2 * ARM)}\"/>"
      end

      def label(piece, at)
        x, y = piece.bounds.first(2)
        across, down = at[[x, y - BELOW]]
        "<text x=\"#{across}\" y=\"#{down}\" font-size=\"3.5\" font-family=\"sans-serif\" fill=\"#000\">" \
          "#{CGI.escapeHTML("#{piece.name}, #{piece.count} ×")}</text>"
      end

      def mm(value) = format("%g", value.round(3))
    end
  end
end
