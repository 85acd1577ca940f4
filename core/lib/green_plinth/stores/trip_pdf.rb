# frozen_string_literal: true

require "prawn"

module GreenPlinth
  module Stores
    # A shopping list on paper, to tick off: a box, a swatch, what, how many packs, by when.
    class TripPdf
      # Points. Source: PDF, ISO 32000-1: a unit is 1/72 inch.
      ROW = 22
      # What a page of A4 leaves at its foot, points.
      FOOT = 60

      # @param trip [Trip]
      # @param title [String]
      def initialize(trip, title)
        @trip = trip
        @title = title
      end

      # @return [String] bytes
      def write
        @pdf = Prawn::Document.new(page_size: "A4", margin: 48, info: { Title: plain(@title), Creator: "Green Plinth" })
        @pdf.font("Helvetica")
        @pdf.text(plain(@title), size: 18, style: :bold)
        @trip.items.group_by(&:shop).each { |shop, items| section(shop, items) }
        @pdf.text("Nothing is missing.", size: 12) if @trip.items.empty?
        @pdf.render
      end

      private

      def section(shop, items)
        @pdf.start_new_page if @pdf.cursor < FOOT + (2 * ROW)
        @pdf.move_down(14)
        @pdf.text(plain(shop.capitalize), size: 13, style: :bold)
        items.each { |item| row(item) }
      end

      def row(item)
        @pdf.start_new_page if @pdf.cursor < FOOT
        top = @pdf.cursor - 6
        @pdf.stroke_rectangle([0, top], 11, 11)
        swatch(item.line.colour, top)
        @pdf.text_box(plain([item.line.name, item.line.colour].compact.join(" ")), at: [46, top], width: 190, height: 12, size: 11,
          overflow: :shrink_to_fit)
        @pdf.text_box(plain(amount(item)), at: [244, top], width: 130, height: 12, size: 11, overflow: :shrink_to_fit)
        @pdf.text_box(plain(needed(item)), at: [380, top], width: 120, height: 12, size: 9, overflow: :shrink_to_fit)
        @pdf.move_down(ROW)
      end

      def swatch(colour, top)
        return unless colour

        @pdf.fill_color(colour.delete_prefix("#"))
        @pdf.fill_rectangle([22, top], 16, 11)
        @pdf.fill_color("000000")
        @pdf.stroke_rectangle([22, top], 16, 11)
      end

      def amount(item)
        pack = item.line.pack
        return "amount unknown" unless item.provided.packs

        size = pack["size_mm"] ? "#{pack["size_mm"].join(" x ")} mm" : "#{pack["amount"]} #{pack["unit"]}"
        "#{item.provided.packs} x #{size}"
      end

      def needed(item)
        [(Moment.format(item.needed_by)[0, 10] if item.needed_by), item.builds.join(", ")].compact.join(", ")
      end

      # What the built-in fonts can write.
      def plain(text) = text.encode("Windows-1252", invalid: :replace, undef: :replace, replace: "?").encode("UTF-8")
    end
  end
end
