# frozen_string_literal: true

require "cgi"

module GreenPlinth
  module Daybook
    # A story as one file that stands alone: its pictures are in it, and it needs neither this program nor a network.
    class Html
      STYLE = "body{font:18px/1.5 sans-serif;max-width:1000px;margin:2em auto;padding:0 1em;color:#1b231f;background:#fcfcf9}" \
              "h1,h2{font-family:serif}time{color:#4b5750;display:inline-block;min-width:4em}ul{list-style:none;padding:0}" \
              "img{max-width:100%;max-height:24em;display:block;margin:.5em 0}svg{max-width:100%;height:auto}" \
              ".swatch{display:inline-block;width:1.1em;height:1.1em;border:1px solid #4b5750;vertical-align:-.2em}" \
              ".redone{color:#a93425}@media print{body{margin:0}section{break-inside:avoid}}"

      # @param story [Story]
      # @param pictures [Hash{Integer => String}] JPEG by number
      # @param money [#call] minor units → words
      def initialize(story, pictures, money)
        @story = story
        @pictures = pictures
        @words = Sentences.new(story, money)
      end

      # @return [String] HTML
      def to_s
        <<~HTML
          <!doctype html>
          <html lang="en">
          <head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>#{text(@story.title)}</title><style>#{STYLE}</style></head>
          <body>
          <h1>#{text(@story.title)}</h1>
          #{"<p>#{text(@story.words)}</p>" if @story.words}
          <p>#{text(@words.summary)}</p>
          #{TimelineSvg.new(@story)}
          #{@story.days.map { |day, list| section(day, list) }.join("\n")}
          </body>
          </html>
        HTML
      end

      private

      def text(words) = CGI.escapeHTML(words.to_s)

      def section(day, list)
        "<section><h2>#{Moment.words(day)[0..-8]}</h2><ul>#{list.map { |one| item(one) }.join}</ul></section>"
      end

      def item(one)
        swatch = one.colour && "<span class=\"swatch\" style=\"background:#{one.colour}\"></span> "
        kind = one.is_a?(Story::Happening) ? one.kind : "done"
        "<li class=\"#{kind}\"><time>#{Moment.words(@words.at(one))[-5..]}</time> #{swatch}#{text(@words.line(one))}#{picture(one)}</li>"
      end

      def picture(one)
        bytes = one.is_a?(Story::Happening) && one.picture && @pictures[one.picture] or return
        "<img src=\"data:image/jpeg;base64,#{[bytes].pack("m0")}\" alt=\"#{text(one.text || one.title || "Photograph")}\">"
      end
    end
  end
end
