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
      HANDS = "#1f5b48"
      WET = "#b97a17"
      # On paper and in a light page, and in a dark one.
      LIGHT = { ink: "#1b231f", pale: "#4b5750", planned: "#c9bd9b", hands: HANDS, wet: WET, again: "#a93425", line: "#d8ddd6",
                paper: "#fcfcf9" }.freeze
      DARK = { ink: "#eef2ec", pale: "#b7c2ba", planned: "#6f6750", hands: "#6fc3a3", wet: "#dda244", again: "#f08a78", line: "#3a4741",
               paper: "#171f1b" }.freeze

      # @param story [Story]
      # @param dark [Boolean] for a page in its dark theme
      def initialize(story, dark: false)
        @tints = dark ? DARK : LIGHT
        @story = story
        @rows = story.went
      end

      # @return [String] SVG; of a build that nothing happened to an empty sheet that says so
      def to_s
        from, to = @story.span
        return sheet(80, "<text x=\"12\" y=\"40\" font-size=\"18\" fill=\"#{@tints[:ink]}\">Nothing has been begun yet.</text>") unless from

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
          <rect width="#{WIDTH}" height="#{height}" fill="#{@tints[:paper]}"/>
          #{inside}
          </svg>
        SVG
      end

      def x(minute) = (LEFT + ((minute - @from) * @scale)).round(1)

      def days(from, to)
        every = [(APART / (Moment::DAY * @scale)).ceil, 1].max
        (Moment.midnight(from)..to).step(Moment::DAY * every).select { |day| day >= from }.map do |day|
          "<path d=\"M#{x(day)} #{TOP - 8}V#{TOP + (@rows.size * ROW)}\" stroke=\"#{@tints[:line]}\"/>" \
            "<text x=\"#{x(day)}\" y=\"#{TOP - 14}\" font-size=\"14\" text-anchor=\"middle\" " \
            "fill=\"#{@tints[:pale]}\">#{Moment.words(day)[0..-8]}</text>"
        end.join
      end

      def row(row, top)
        title = row.title.length > WORDS ? "#{row.title[0, WORDS - 1]}…" : row.title
        parts = ["<text x=\"8\" y=\"#{top + 19}\" font-size=\"15\" fill=\"#{@tints[:ink]}\">#{CGI.escapeHTML(title)}</text>"]
        parts << bar(row.planned_start, row.planned_ready, top + 3, 9, @tints[:planned])
        parts << bar(row.finished, row.dry || row.ready, top + 15, 9, @tints[:wet]) unless row.skipped
        parts << bar(row.begun, row.finished, top + 15, 9, @tints[:hands])
        parts << again(row, top) if row.redos.positive?
        parts.join
      end

      def bar(from, to, top, height, colour)
        return "" unless from && to

        "<rect x=\"#{x(from)}\" y=\"#{top}\" width=\"#{[(to - from) * @scale, 3].max.round(1)}\" height=\"#{height}\" fill=\"#{colour}\"/>"
      end

      def again(row, top)
        "<text x=\"#{LEFT - 8}\" y=\"#{top + 19}\" font-size=\"14\" font-weight=\"700\" text-anchor=\"end\" " \
          "fill=\"#{@tints[:again]}\">again ×#{row.redos}</text>"
      end

      def key
        y = TOP + (@rows.size * ROW) + 24
        [["first plan", :planned, 8], ["hands on it", :hands, 130], ["wet", :wet, 260]].map do |words, tint, left|
          "<rect x=\"#{left}\" y=\"#{y - 9}\" width=\"22\" height=\"9\" fill=\"#{@tints[tint]}\"/>" \
            "<text x=\"#{left + 28}\" y=\"#{y}\" font-size=\"14\" fill=\"#{@tints[:pale]}\">#{words}</text>"
        end.join
      end
    end
  end
end
