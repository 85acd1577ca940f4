# frozen_string_literal: true

module GreenPlinth
  module Files
    # JSON in, with limits: a hostile file is refused, it does not hang or fill the memory.
    module Json
      MOST_BYTES = 2_000_000
      MOST_DEEP = 40

      module_function

      # @param text [String]
      # @return [Object]; raises InvalidFile with one problem
      def parse(text)
        raise InvalidFile, [Problem.new("", too_large(text))] if text.bytesize > MOST_BYTES

        text = text.dup.force_encoding(Encoding::UTF_8)
        raise InvalidFile, [Problem.new("", "the file is not UTF-8 text")] unless text.valid_encoding?
        raise InvalidFile, [Problem.new("", "the file holds a zero byte, which no text has")] if text.match?(/\u0000|\\u0000/)

        ::JSON.parse(text.delete_prefix("\uFEFF"), max_nesting: MOST_DEEP).tap do |data|
          found = Text.problems(data)
          raise InvalidFile, found if found.any?
        end
      rescue ::JSON::NestingError
        raise InvalidFile, [Problem.new("", "the file is nested deeper than #{MOST_DEEP} levels")]
      rescue ::JSON::ParserError => e
        raise InvalidFile, [Problem.new("", "the file is not JSON: #{e.message.to_s.lines.first.to_s.strip[0, 120]}")]
      end

      def too_large(text)
        format("the file is %.1f MB; a plinth file is 2 MB at the most", text.bytesize / 1e6)
      end
      private_class_method :too_large
    end
  end
end
