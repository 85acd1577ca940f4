# frozen_string_literal: true

module GreenPlinth
  module Daybook
    # A story as plain text that every editor reads, with its pictures beside it.
    class Markdown
      # Characters that mean something in CommonMark.
      SPECIAL = /[\\`*_{}\[\]<>#|]/

      # @param story [Story]
      # @param pictures [Hash{Integer => String}] JPEG by number
      # @param money [#call] minor units → words
      def initialize(story, pictures, money)
        @story = story
        @pictures = pictures
        @words = Sentences.new(story, money)
      end

      # @return [Hash{String => String}] bytes by file name
      def files
        { "daybook.md" => to_s, "planned-and-actual.svg" => TimelineSvg.new(@story).to_s }
          .merge(@pictures.slice(*@story.pictures).to_h { |id, bytes| [name(id), bytes] })
      end

      # @return [String] CommonMark
      def to_s
        days = @story.days.map { |day, list| "## #{Moment.words(day)[0..-8]}\n\n#{list.map { |one| item(one) }.join("\n")}" }
        ["# #{plain(@story.title)}", (plain(@story.words) if @story.words), plain(@words.summary),
          "![Planned and actual](planned-and-actual.svg)", *days].compact.join("\n\n").concat("\n")
      end

      private

      def name(id) = "pictures/#{id}.jpg"
      def plain(text) = text.to_s.gsub(SPECIAL) { |sign| "\\#{sign}" }

      def item(one)
        shown = one.is_a?(Story::Happening) && one.picture && @pictures.key?(one.picture)
        picture = shown && "\n  ![#{plain(one.text || "Photograph")}](#{name(one.picture)})"
        "- #{Moment.words(@words.at(one))[-5..]} #{plain(@words.line(one))}#{picture}"
      end
    end
  end
end
