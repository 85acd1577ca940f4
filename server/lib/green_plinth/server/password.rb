# frozen_string_literal: true

require "argon2"

module GreenPlinth
  module Server
    # The one password of an installation that is served beyond its own machine.
    class Password
      # Characters. Source: OWASP ASVS 4.0.3, 2.1.1 and 2.1.2.
      LEAST = 12
      MOST = 128

      # @param text [String]
      def initialize(text)
        @text = text.to_s.scrub.unicode_normalize(:nfc)
      end

      # @return [String, nil] what is wrong with it, in words
      def problem
        return "it is shorter than #{LEAST} characters: take a few words" if @text.length < LEAST
        return "it is longer than #{MOST} characters" if @text.length > MOST

        "it is one character again and again" if @text.chars.uniq.one?
      end

      # @return [String] by argon2id
      def hash_text = Argon2::Password.new(profile: :rfc_9106_low_memory).create(@text)
    end
  end
end
