# frozen_string_literal: true

module GreenPlinth
  module Exports
    # The picture sheet for the show table: the base as it is looked at, its title and its story, its section, how it came to be in
    # photographs of the daybook, and what it is made of.
    class ShowSheetPdf < Export
      include Paper

      code "show"
      title "Picture sheet for the show table"
      beside :brief
      type "application/pdf"
      ending "-show.pdf"
      weight 16
      binary
      papers PAGES.keys
      photographs 4

      GAP = 12
      # Of the page, shares of its height.
      PICTURE = 0.46
      SECTION = 0.13
      # Photographs take this of the drawing's share.
      PHOTOGRAPHS = 0.14
      SWATCH = 11
      COLUMNS = 3

      # @return [String] the PDF's bytes
      def write
        width, depth = PAGES.fetch(@paper).map { |side| side * PT }
        @pdf = Prawn::Document.new(page_size: [width, depth], margin: MARGIN * 1.5 * PT,
          info: { Title: plain(@design.title), Creator: "Green Plinth" })
        head
        picture
        section
        came_to_be
        made_of
        @pdf.render
      end

      private

      def head
        @pdf.text(plain(@design.title), size: 30, style: :bold, align: :center)
        size = Plan::Outline.size(@design.plinth.outline).map { |side| format("%g", side.round(1)) }.uniq.join(" × ")
        @pdf.text(plain("1:#{format("%g", @design.scale)} · #{size} mm"), size: 13, align: :center)
        story = @design.member("story").to_s
        @pdf.move_down(GAP / 2)
        @pdf.text(plain(story), size: 12, align: :center, leading: 2) unless story.empty?
        @pdf.move_down(GAP)
      end

      # As the judging eye has it, the farthest painted first.
      def picture
        view = @evaluation.sight_view(@evaluation.eye)
        drawing = place(view["bounds_mm"], @photographs.empty? ? PICTURE : PICTURE - PHOTOGRAPHS)
        view["items"].each { |item| drawing.seen(item, @design.kinds) }
        view["sides"].each { |side| drawing.face(side["ring"], side["colour"]) }
        @pdf.move_down(drawing.tall + GAP)
      end

      def section
        cut = @evaluation.sections.first
        points = SheetDrawing.section_points(cut)
        return if points.empty?

        xs, ys = points.transpose.map(&:minmax)
        drawing = place([xs[0], ys[0], xs[1], ys[1]], SECTION)
        drawing.section(cut, @design.kinds)
        @pdf.move_down(drawing.tall + GAP)
      end

      # Photographs beside each other, the oldest first, as high as all of them fit.
      def came_to_be
        return if @photographs.empty?

        pictures = @photographs.map { |bytes| @pdf.build_image_object(StringIO.new(bytes)) }
        broad = pictures.sum { |(_, size)| size.width.to_f / size.height }
        room = @pdf.bounds.width - (GAP * (pictures.size - 1))
        high = [room / broad, (@pdf.bounds.height * PHOTOGRAPHS) - GAP].min
        left = (@pdf.bounds.width - (high * broad) - (GAP * (pictures.size - 1))) / 2
        pictures.reduce(left) do |x, (object, size)|
          wide = high * size.width / size.height
          @pdf.embed_image(object, size, at: [x, @pdf.cursor], width: wide, height: high)
          x + wide + GAP
        end
        @pdf.move_down(high + GAP)
      end

      # In the middle of the page, as large as it goes: a picture has no scale.
      def place(bounds, share)
        room = [@pdf.bounds.width, @pdf.bounds.height * share]
        by = [room[0] / (bounds[2] - bounds[0]), room[1] / [bounds[3] - bounds[1], 1].max].min
        left = (@pdf.bounds.width - ((bounds[2] - bounds[0]) * by)) / 2
        SheetDrawing.new(@pdf, [left, @pdf.cursor, *room], bounds, scale: PT / by)
      end

      # Each material once, with the colours that it was used in.
      def made_of
        lines = @evaluation.quantities.reject { |line| unseen?(@evaluation.catalogue[line.material]) }.group_by(&:name).to_a
        return if lines.empty?

        @pdf.fill_color("000000")
        @pdf.text("Made of", size: 13, style: :bold)
        @pdf.move_down(4)
        top = @pdf.cursor
        wide = @pdf.bounds.width / COLUMNS
        rows = [(top / (SWATCH + 5)).floor, 1].max
        lines.first(rows * COLUMNS).each_with_index do |(name, used), index|
          material(name, used, (index % COLUMNS) * wide, top - ((index / COLUMNS) * (SWATCH + 5)), wide)
        end
      end

      # What is clear and no water holds it together, or was only passing.
      def unseen?(material) = material && material.trait?("clear") && !material.trait?("fills_water")

      def material(name, used, left, top, wide)
        colours = used.map { |line| line.colour || @evaluation.catalogue[line.material]&.colour || "#ffffff" }.uniq.first(SHOWN)
        @pdf.stroke_color("222222")
        colours.each_with_index do |colour, index|
          @pdf.fill_color(colour.delete_prefix("#"))
          @pdf.fill_and_stroke_rectangle([left + (index * SWATCH), top], SWATCH, SWATCH)
        end
        @pdf.fill_color("000000")
        words = left + (colours.size * SWATCH) + 6
        @pdf.text_box(plain(name), at: [words, top], width: left + wide - words - 6, height: SWATCH + 3, size: 9.5,
          overflow: :shrink_to_fit)
      end

      # So many colours of one material at most.
      SHOWN = 6
      private_constant :SHOWN
    end
  end
end
