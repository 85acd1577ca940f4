# frozen_string_literal: true

module GreenPlinth
  module Files
    # What no part of a file may hold, wherever it stands: text that is not text, numbers without end.
    module Text
      # Farther out than any workshop, and safe for every computation.
      LARGEST = 1e9
      # What no text has but its ends of lines and tabs; XML bears none of them (XML 1.0, 2.2).
      CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\ufffe\uffff]/

      module_function

      # @return [Array<Problem>]
      def problems(value, pointer = "")
        case value
        when Hash then value.flat_map { |key, inner| wrong_text(key, pointer) + problems(inner, "#{pointer}/#{escape(key)}") }
        when Array then value.each_with_index.flat_map { |inner, index| problems(inner, "#{pointer}/#{index}") }
        when String then wrong_text(value, pointer)
        when Numeric then value.finite? && value.abs <= LARGEST ? [] : [Problem.new(pointer, "is too large a number")]
        else []
        end
      end

      def wrong_text(text, pointer)
        text.valid_encoding? && !text.match?(CONTROL) ? [] : [Problem.new(pointer, "holds characters that are not text")]
      end
      private_class_method :wrong_text

      # RFC 6901.
      def escape(key) = key.scrub.gsub("~", "~0").gsub("/", "~1")
      private_class_method :escape
    end
  end
end
