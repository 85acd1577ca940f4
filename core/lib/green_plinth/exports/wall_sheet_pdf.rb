# frozen_string_literal: true

module GreenPlinth
  module Exports
    # The sheet for the wall: plan and section to scale, the order of work with boxes to tick, what is mixed, what is bought, what is
    # wanted though it is a snag, and a code that leads a camera back to the build.
    class WallSheetPdf < Export
      include Paper

      code "sheet"
      title "Sheet for the wall"
      beside :order
      type "application/pdf"
      ending ".pdf"
      weight 15
      binary
      papers PAGES.keys

      GAP = 8
      # Of the page below its head, shares of its height.
      PLAN = 0.5
      SECTION = 0.22
      QR = 62
      BOX = 8

      # @return [String] the PDF's bytes
      def write
        width, depth = PAGES.fetch(@paper).map { |side| side * PT }
        @pdf = Prawn::Document.new(page_size: [width, depth], margin: MARGIN * PT,
          info: { Title: plain("#{@design.title}: sheet for the wall"), Creator: "Green Plinth" })
        head
        drawings
        order
        mixes
        shopping
        wanted
        @pdf.number_pages(plain("#{@design.title}, <page> of <total>"), at: [0, -12], size: 8, align: :right)
        @pdf.render
      end

      private

      def told = @told ||= @evaluation.to_h
      def schedule = told["schedule"]
      def number(value) = format("%g", value.round(1))

      def head
        top = @pdf.cursor
        qr(top) if @link
        @pdf.bounding_box([0, top], width: @pdf.bounds.width - (@link ? QR + GAP : 0)) do
          @pdf.text(plain(@design.title), size: 20, style: :bold)
          @pdf.text(plain(facts.join(" · ")), size: 10)
        end
        @pdf.move_cursor_to([@pdf.cursor, top - (@link ? QR : 0)].min - GAP)
      end

      def facts
        size = told["plinth"]["bounds_mm"].map { |side| number(side) }.join(" × ")
        ["1:#{number(@design.scale)}", "#{size} mm", (@design.copies > 1 ? "#{@design.copies} bases" : nil),
          schedule && "ready #{clock(schedule["ready_at"])}", schedule && "#{Moment.span(schedule["hands_on_min"])} at the bench"].compact
      end

      # Modules of the code that leads back to the build, drawn as squares.
      def qr(top)
        side = QR.to_f / @link.size
        left = @pdf.bounds.width - QR
        @pdf.fill_color("000000")
        @link.each_with_index do |row, down|
          row.each_with_index { |dark, across| @pdf.fill_rectangle([left + (across * side), top - (down * side)], side, side) if dark }
        end
      end

      def drawings
        plan = @evaluation.drawing
        drawn("Plan", plan["foot"].flatten(1), PLAN) { |sheet| sheet.plan(plan) }
        section = @evaluation.sections.first
        drawn("Section from A to A'", SheetDrawing.section_points(section), SECTION) { |sheet| sheet.section(section, @design.kinds) }
      end

      def drawn(title, points, share)
        return if points.empty?

        xs, ys = points.transpose.map(&:minmax)
        sheet = SheetDrawing.new(@pdf, [0, @pdf.cursor - 16, @pdf.bounds.width, @pdf.bounds.height * share], [xs[0], ys[0], xs[1], ys[1]])
        @pdf.fill_color("000000")
        @pdf.text(plain("#{title}, #{sheet.scale}"), size: 10, style: :bold)
        @pdf.move_down(2)
        yield sheet
        @pdf.fill_color("000000")
        @pdf.move_down(sheet.tall + GAP)
      end

      def order
        heading("Order of work")
        return line(told["infeasible"]) unless schedule

        steps = told["steps"].to_h { |step| [step["id"], step] }
        planned = schedule["steps"].to_h { |one| [one["id"], one] }
        schedule["sittings"].each_with_index do |sitting, index|
          subheading("#{index + 1}. #{clock(sitting["from"])}")
          sitting["steps"].each { |id| tick(step_words(steps[id], planned[id]), done: planned[id]["done"]) }
        end
      end

      def step_words(step, planned)
        drying = step["tail_min"]&.positive? ? ", then dries #{Moment.span(step["tail_min"])}" : ""
        "#{planned["start"][11, 5]}  #{step["title"]} (#{Moment.span(step["hands_on_min"])}#{drying})"
      end

      def mixes
        return if told["mixing"].empty?

        heading("Mixes")
        told["mixing"].uniq { |mix| [mix["name"], mix["step"]] }.each do |mix|
          parts = (mix["parts"] || []).map { |part| [part["name"], part["g"] && "#{number(part["g"])} g"].compact.join(" ") }
          line("#{mix["name"]}: #{parts.join(", ")}. For: #{mix["title"]}")
        end
      end

      def shopping
        heading("To have at hand")
        told["quantities"].each do |bought|
          amount = bought["amount"] && "#{number(bought["amount"])} #{units(bought["unit"], bought["amount"])}"
          tick([bought["name"], amount || "amount not known"].join(", "), colour: bought["colour"])
        end
      end

      # Of what is counted there is one piece or there are several.
      def units(unit, amount) = %w[piece sheet].include?(unit) && amount.round(1) != 1 ? "#{unit}s" : unit

      def wanted
        return if told["wanted_snags"].empty?

        heading("Wanted so")
        told["wanted_snags"].each { |snag| line([snag["message"], snag["wanted"]["reason"]].compact.join(" ")) }
      end

      def heading(words)
        @pdf.move_down(GAP)
        @pdf.start_new_page if @pdf.cursor < 60
        @pdf.text(plain(words), size: 14, style: :bold)
      end

      def subheading(words)
        @pdf.start_new_page if @pdf.cursor < 40
        @pdf.move_down(4)
        @pdf.text(plain(words), size: 10.5, style: :bold)
      end

      def line(words) = @pdf.text(plain(words), size: 9.5)

      # A box to tick; what is done already has its cross, and what is of a colour shows it.
      def tick(words, done: false, colour: nil)
        @pdf.start_new_page if @pdf.cursor < 24
        top = @pdf.cursor - 2
        @pdf.stroke_color("000000")
        @pdf.line_width(0.7)
        @pdf.stroke_rectangle([0, top], BOX, BOX)
        @pdf.stroke { @pdf.line([1, top - 1], [BOX - 1, top - BOX + 1]) && @pdf.line([BOX - 1, top - 1], [1, top - BOX + 1]) } if done
        swatch(colour, top) if colour
        @pdf.indent(BOX + 6 + (colour ? BOX * 2 : 0)) { @pdf.text(plain(words), size: 9.5) }
        @pdf.move_down(1.5)
      end

      def swatch(colour, top)
        @pdf.fill_color(colour.delete_prefix("#"))
        @pdf.fill_and_stroke_rectangle([BOX + 6, top], BOX * 1.6, BOX)
        @pdf.fill_color("000000")
      end

      # "Tue 8 Dec 2026, 19:30".
      def clock(moment) = Time.strptime("#{moment[0, 16]} UTC", "%Y-%m-%dT%H:%M %Z").strftime("%a %-d %b %Y, %H:%M")
    end
  end
end
