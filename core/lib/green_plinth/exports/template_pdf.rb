# frozen_string_literal: true

module GreenPlinth
  module Exports
    # Templates at full size on paper: each piece tiled over as many pages as it needs, with an overlap, crosses to lay
    # the pages together by, a 50 mm ruler and a diagonal of told length on every page to check the printer with.
    class TemplatePdf < Export
      include Paper

      code "pdf"
      title "Templates on paper"
      beside :templates
      type "application/pdf"
      weight 50
      binary

      papers PAGES.keys
      # What pages share, and the room for words at the foot, mm.
      OVERLAP = 10.0
      FOOT = 24.0
      RULER = 50.0
      GREY = "8A8A8A"
      Tile = Struct.new(:column, :row, :columns, :rows, :left, :front)

      def initialize(...)
        super
        @width, @depth = PAGES.fetch(@paper)
      end

      # @return [String] the PDF's bytes
      def write = printed(@evaluation.templates, @design.title)

      # @param pieces [Array<Templates::Piece>]
      # @param title [String] of the build
      # @return [String]
      def printed(pieces, title)
        @title = title
        @pdf = Prawn::Document.new(page_size: [@width * PT, @depth * PT], margin: 0, skip_page_creation: true,
          info: { Title: plain("#{@title}: templates at full size"), Creator: "Green Plinth" })
        pieces.each { |piece| tiles(piece).each { |tile| page(piece, tile) } }
        @pdf.render
      end

      # @return [Array<Tile>] the pages a piece takes, row by row from the front left
      def tiles(piece)
        x0, y0, x1, y1 = piece.bounds
        columns = count(x1 - x0, room[0])
        rows = count(y1 - y0, room[1])
        (0...rows).flat_map do |row|
          (0...columns).map do |column|
            Tile.new(column, row, columns, rows, start(x0, x1, columns, room[0], column), start(y0, y1, rows, room[1], row))
          end
        end
      end

      private

      # What a page holds of a piece, mm.
      def room = [@width - (2 * MARGIN), @depth - (2 * MARGIN) - FOOT]
      def count(length, room) = [((length - OVERLAP) / (room - OVERLAP) - 1e-9).ceil, 1].max

      # Where a tile begins on the piece: one page is centred, several share the overlap.
      def start(from, to, count, room, index)
        return from - ((room - (to - from)) / 2) if count == 1

        from + (index * (room - OVERLAP))
      end

      def page(piece, tile)
        @pdf.start_new_page
        @tile = tile
        clipped { outlines(piece) }
        crosses(tile)
        diagonal
        ruler
        words(piece, tile)
      end

      # A point of the piece on the page, in points.
      def at(x, y) = [(x - @tile.left + MARGIN) * PT, (y - @tile.front + MARGIN + FOOT) * PT]

      def clipped
        @pdf.save_graphics_state do
          @pdf.rectangle([MARGIN * PT, (@depth - MARGIN) * PT], room[0] * PT, room[1] * PT)
          @pdf.add_content("W n")
          yield
        end
      end

      def outlines(piece)
        piece.glue_lines.each { |line| stroke(line, width: 0.4, dash: [4, 3], colour: GREY) }
        piece.cut_lines.each { |line, _| stroke(line, width: 0.6, dash: [1.5, 2]) }
        (piece.scores || []).each { |line| score(line) }
        stroke(piece.shape, width: 0.8)
        piece.feet.each { |x, y| foot(*at(x, y)) }
      end

      # Long and short dashes: fold here.
      def score(line)
        @pdf.line_width(0.4)
        @pdf.dash([6, 2, 1, 2])
        @pdf.stroke { @pdf.line(*line.map { |x, y| at(x, y) }) }
        @pdf.undash
      end

      def stroke(shape, width:, dash: nil, colour: "000000")
        @pdf.stroke_color(colour)
        @pdf.line_width(width)
        dash ? @pdf.dash(dash[0], space: dash[1]) : @pdf.undash
        Plan::Geos.rings(shape).each do |ring|
          points = ring.map { |x, y| at(x, y) }
          @pdf.stroke { @pdf.polygon(*points[0..-2]) }
        end
        @pdf.undash
        @pdf.stroke_color("000000")
      end

      def foot(x, y)
        @pdf.line_width(0.7)
        @pdf.stroke { @pdf.line([x - 5, y], [x + 5, y]) }
        @pdf.stroke { @pdf.line([x, y - 5], [x, y + 5]) }
        @pdf.stroke_circle([x, y], 3)
      end

      # At the corners of what neighbours share: lay the crosses of the same name on each other.
      def crosses(tile)
        @pdf.line_width(0.4)
        xs = joints(tile.column, tile.columns, room[0])
        ys = joints(tile.row, tile.rows, room[1])
        xs.product(ys).each { |(x, column), (y, row)| cross((MARGIN + x) * PT, (MARGIN + FOOT + y) * PT, "#{letter(column)}#{row}") }
      end

      # Middles of the overlaps along one direction, each with its number; the page's own thirds where nothing is joined.
      def joints(index, count, room)
        return [[room / 3, 0], [2 * room / 3, 1]] if count == 1

        [([OVERLAP / 2, index] if index.positive?), ([room - (OVERLAP / 2), index + 1] if index < count - 1)].compact
      end

      def letter(number) = (65 + (number % 26)).chr

      def cross(x, y, name)
        @pdf.stroke { @pdf.line([x - 8, y], [x + 8, y]) }
        @pdf.stroke { @pdf.line([x, y - 8], [x, y + 8]) }
        @pdf.fill_color(GREY)
        @pdf.draw_text(name, at: [x + 3, y + 3], size: 7)
        @pdf.fill_color("000000")
      end

      # From corner to corner of the drawn room: measured, it tells whether both directions are printed true.
      def diagonal
        long = Math.hypot(*room)
        ends = [[MARGIN, MARGIN + FOOT], [MARGIN + room[0], MARGIN + FOOT + room[1]]]
        @pdf.line_width(0.3)
        @pdf.stroke_color("A0A0A0")
        @pdf.dash(1, space: 5)
        @pdf.stroke { @pdf.line(*ends.map { |x, y| [x * PT, y * PT] }) }
        @pdf.undash
        @pdf.stroke_color("000000")
        @pdf.draw_text("check: this diagonal is #{format("%.1f", long)} mm", at: [(MARGIN + RULER + 12) * PT, (MARGIN + 1.5) * PT], size: 8)
      end

      def ruler
        @pdf.line_width(0.6)
        y = MARGIN + 6
        @pdf.stroke { @pdf.line([MARGIN * PT, y * PT], [(MARGIN + RULER) * PT, y * PT]) }
        (0..RULER.to_i).each do |mm|
          tick = (mm % 10).zero? ? 4 : (mm % 5).zero? ? 3 : 1.8
          @pdf.stroke { @pdf.line([(MARGIN + mm) * PT, y * PT], [(MARGIN + mm) * PT, (y + tick) * PT]) }
        end
        @pdf.draw_text("0", at: [(MARGIN - 0.8) * PT, (MARGIN + 1.5) * PT], size: 8)
        @pdf.draw_text("50 mm", at: [(MARGIN + RULER - 5) * PT, (MARGIN + 1.5) * PT], size: 8)
      end

      def which_page(tile)
        return "" unless tile.columns * tile.rows > 1

        ", page #{letter(tile.column)}#{tile.row + 1} of #{tile.columns} × #{tile.rows}"
      end

      def words(piece, tile)
        lines = ["#{piece.order.zero? ? "" : "#{piece.order}. "}#{piece.name}", detail(piece), piece.note,
          "#{@title}, full size#{which_page(tile)}"].compact
        lines.first(4).each_with_index do |line, index|
          @pdf.draw_text(plain(line)[0, 90], at: [(MARGIN + RULER + 12) * PT, (MARGIN + FOOT - 4 - (index * 4.2)) * PT],
            size: index.zero? ? 12 : 8.5, style: index.zero? ? :bold : :normal)
        end
      end

      def detail(piece)
        sheet = piece.sheet_mm && "#{format("%g", piece.sheet_mm)} mm"
        cuts = piece.cut_lines.map { |_, depth| "#{format("%g", depth)} mm deep" }
        ["cut #{piece.count} ×", piece.material&.tr("_", " "), sheet, (cuts.any? ? "dotted: cut #{cuts.uniq.join(", ")}" : nil),
          (piece.note if piece.scores&.any?),
          (piece.glue_lines.any? ? "dashed: what stands on it" : nil)].compact.join(" · ")
      end
    end
  end
end
