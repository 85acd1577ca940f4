# frozen_string_literal: true

module GreenPlinth
  # One thing wrong with a file: where (JSON pointer, RFC 6901) and what to do, in a maker's words.
  Problem = Struct.new(:pointer, :message) do
    def to_s = "#{pointer.empty? ? "/" : pointer}: #{message}"
    def to_h = { "pointer" => pointer, "message" => message }
  end
end
