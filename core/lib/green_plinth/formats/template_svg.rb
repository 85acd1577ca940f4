# frozen_string_literal: true

require "cgi"

module GreenPlinth
  module Formats
    # All templates on one drawing, in millimetres, side by side: for a plotter, a laser or a drawing program. Layers
    # (groups) cut, depth, glue, feet.
    class TemplateSvg
      # Between pieces, mm.
      GAP = 12.0
      STYLES = { "cut" => 'stroke="#000" stroke-width="0.25"', "depth" => 'stroke="#b03020" stroke-width="0.2" stroke-dasharray="1 1"',
                 "glue" => 'stroke="#888" stroke-width="0.2" stroke-dasharray="2 1.5"', "feet" => 'stroke="#1f5b48" stroke-width="0.25"' }.freeze

      # @param pieces [Array<Templates::Piece>]
      def initialize(pieces, title)
        @title = title
        @placed = Row.lay(pieces, GAP)
      end

      # @return [String]
      def write
        width = @placed.map { |piece, dx, _| piece.bounds[2] + dx }.max + GAP
        height = @placed.map { |piece, _, dy| piece.bounds[3] + dy }.max + GAP
        %(<svg xmlns="http://www.w3.org/2000/svg" width="#{mm(width)}mm" height="#{mm(height)}mm" viewBox="0 0 #{mm(width)} #{mm(height)}">) +
          "<title>#{CGI.escapeHTML(@title)}</title><g fill=\"none\">#{@placed.map { |piece, dx, dy| group(piece, dx, dy, height) }.join}</g></svg>\n"
      end

      # Pieces in one row, their feet on a line.
      module Row
        # @return [Array<Array(Piece, Float, Float)>] each with how far it is moved
        def self.lay(pieces, gap)
          at = gap
          pieces.map do |piece|
            x0, y0, x1, = piece.bounds
            moved = [piece, at - x0, gap - y0]
            at += x1 - x0 + gap
            moved
          end
        end
      end

      private

      def group(piece, dx, dy, height)
        turn = ->((x, y)) { "#{mm(x + dx)} #{mm(height - (y + dy))}" }
        path = ->(shape, layer) { %(<path class="#{layer}" #{STYLES[layer]} d="#{Plan::Geos.rings(shape).map { |ring| "M#{ring[0..-2].map(&turn).join("L")}Z" }.join}"/>) }
        x, y = piece.bounds.first(2)
        feet = piece.feet.map { |fx, fy| turn.call([fx, fy]).split.map(&:to_f).then { |sx, sy|
 %(<path class="feet" #{STYLES["feet"]} d="M#{mm(sx - 1.5)} #{mm(sy)}h3M#{mm(sx)} #{mm(sy - 1.5)}v3"/>) } }
        label = turn.call([x, y - 5]).split
        "<g><title>#{CGI.escapeHTML(piece.name)}</title>#{path[piece.shape, "cut"]}#{piece.cut_lines.map { |line, _|
 path[line, "depth"] }.join}#{piece.glue_lines.map { |line|
 path[line, "glue"] }.join}#{feet.join}" \
          "<text x=\"#{label[0]}\" y=\"#{label[1]}\" font-size=\"3.5\" font-family=\"sans-serif\" fill=\"#000\">#{CGI.escapeHTML("#{piece.name}, #{piece.count} ×")}</text></g>"
      end

      def mm(value) = format("%g", value.round(3))
    end
  end
end
