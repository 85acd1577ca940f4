# frozen_string_literal: true

module GreenPlinth
  module Server
    module Middleware
      # Refuses addresses that cannot be read as text, and queries that name a thing twice or as a list: nothing here asks for
      # one. What comes after it may take every word of the address for UTF-8 without control characters.
      class Readable
        # A query's length, bytes; and as much for a path.
        MOST_BYTES = 8_000

        def initialize(app)
          @app = app
        end

        def call(env)
          path, query = env.values_at("PATH_INFO", "QUERY_STRING").map(&:to_s)
          wrong = wrong_path(path) || wrong_query(query)
          wrong ? refused(wrong) : @app.call(env.merge("PATH_INFO" => text(path)))
        end

        private

        def wrong_path(path)
          return "The path is longer than #{MOST_BYTES} bytes" if path.bytesize > MOST_BYTES

          "The path is no text: it must be UTF-8, percent-encoded" unless text?(path)
        end

        def wrong_query(query)
          return "The query is longer than #{MOST_BYTES} bytes" if query.bytesize > MOST_BYTES

          pairs = query.tr("+", " ").split("&").map { |pair| pair.split("=", 2) }
          return "The query is no text: it must be UTF-8, percent-encoded" unless pairs.flatten.all? { |part| text?(part) }

          names = pairs.map { |name, _| decoded(name.to_s) }
          return "The query names “#{names.tally.max_by(&:last).first[0, 40]}” more than once" if names.uniq.size < names.size

          listed = names.find { |name| name.match?(/[\[\]]/) }
          "The query gives a list for “#{listed[0, 40]}”; one value is asked for" if listed
        end

        def decoded(part) = part.b.gsub(/%(\h\h)/n) { $1.hex.chr }.force_encoding(Encoding::UTF_8)
        # Percent signs that are meant come encoded themselves.
        def text?(part)
          text = decoded(part)
          text.valid_encoding? && !text.match?(/[\u0000-\u001f\u007f]/) && !part.b.match?(/%(?!\h\h)/n)
        end

        def text(path) = path.dup.force_encoding(Encoding::UTF_8)

        def refused(why) = Refusal.new(400, "Not readable", "#{why}.").response
      end
    end
  end
end
