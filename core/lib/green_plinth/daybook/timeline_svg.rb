# frozen_string_literal: true

require "cgi"

module GreenPlinth
  module Daybook
    # Planned beside actual on one line of time: for each step the pale bar of the first plan, and under it when hands were on it and
    # how long it was wet. Drawn to stand in a page, in a file and on paper.
    class TimelineSvg
      WIDTH = 1000
      LEFT = 300
      ROW = 30
      TOP = 46
      FOOT = 40
      # As many characters as fit before the bars.
      WORDS = 34
      # Days are named no closer than this, px.
      APART = 90
      INK = "#1b231f"
      PALE = "#4b5750"
      PLANNED = "#c9bd9b"
      HANDS = "#1f5b48"
      WET = "#b97a17"
      AGAIN = "#a93425"
      LINE = "#d8ddd6"
      PAPER = "#fcfcf9"

      # @param story [Story]
      def initialize(story)
        @story = story
        @rows = story.went
      end

      # @return [String] SVG; of a build that nothing happened to an empty sheet that says so
      def to_s
        from, to = @story.span
        return sheet(80, "<text x=\"12\" y=\"40\" font-size=\"18\" fill=\"#{INK}\">Nothing has been begun yet.</text>") unless from

        @from = from
        @scale = (WIDTH - LEFT - 24) / [to - from, 60].max.to_f
        rows = @rows.each_with_index.map { |row, index| row(row, TOP + (index * ROW)) }
        sheet(TOP + (@rows.size * ROW) + FOOT, [days(from, to), rows, key].join("\n"))
      end

      private

      def sheet(height, inside)
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 #{WIDTH} #{height}" width="#{WIDTH}" height="#{height}" font-family="sans-serif" role="img">
          <title>#{CGI.escapeHTML("#{@story.title}: planned and actual")}</title>
          <rect width="#{WIDTH}" height="#{height}" fill="#{PAPER}"/>
          #{inside}
          </svg>
        SVG
      end

      def x(minute) = (LEFT + ((minute - @from) * @scale)).round(1)

      def days(from, to)
        every = [(APART / (Moment::DAY * @scale)).ceil, 1].max
        (Moment.midnight(from)..to).step(Moment::DAY * every).select { |day| day >= from }.map do |day|
          "<path d=\"M#{x(day)} #{TOP - 8}V#{TOP + (@rows.size * ROW)}\" stroke=\"#{LINE}\"/>" \
            "<text x=\"#{x(day)}\" y=\"#{TOP - 14}\" font-size=\"14\" text-anchor=\"middle\" " \
            "fill=\"#{PALE}\">#{Moment.words(day)[0..-8]}</text>"
        end.join
      end

      def row(row, top)
        title = row.title.length > WORDS ? "#{row.title[0, WORDS - 1]}…" : row.title
        parts = ["<text x=\"8\" y=\"#{top + 19}\" font-size=\"15\" fill=\"#{INK}\">#{CGI.escapeHTML(title)}</text>"]
        parts << bar(row.planned_start, row.planned_ready, top + 3, 9, PLANNED)
        parts << bar(row.finished, row.dry || row.ready, top + 15, 9, WET) unless row.skipped
        parts << bar(row.begun, row.finished, top + 15, 9, HANDS)
        parts << again(row, top) if row.redos.positive?
        parts.join
      end

      def bar(from, to, top, height, colour)
        return "" unless from && to

        "<rect x=\"#{x(from)}\" y=\"#{top}\" width=\"#{[(to - from) * @scale, 3].max.round(1)}\" height=\"#{height}\" fill=\"#{colour}\"/>"
      end

      def again(row, top)
        "<text x=\"#{LEFT - 8}\" y=\"#{top + 19}\" font-size=\"14\" font-weight=\"700\" text-anchor=\"end\" " \
          "fill=\"#{AGAIN}\">again ×#{row.redos}</text>"
      end

      def key
        y = TOP + (@rows.size * ROW) + 24
        [["first plan", PLANNED, 8], ["hands on it", HANDS, 130], ["wet", WET, 260]].map do |words, colour, left|
          "<rect x=\"#{left}\" y=\"#{y - 9}\" width=\"22\" height=\"9\" fill=\"#{colour}\"/>" \
            "<text x=\"#{left + 28}\" y=\"#{y}\" font-size=\"14\" fill=\"#{PALE}\">#{words}</text>"
        end.join
      end
    end
  end
end
