# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A part that stands for something whose real size is not known here: said, so that nobody takes it for checked.
    class RepresentsUnknown < Check
      code "scale/represents_unknown"
      severity "advice"
      weight 430

      def snags
        named.reject { |_, _, key| catalogue.things.key?(key) }.map do |pointer, name, key|
          snag(pointer, "#{name.capitalize} stands for #{key.tr("_", " ")}, whose real size is not known here: its scale is not checked.",
            nearest(pointer, key))
        end
      end

      private

      # Pointer, name and key of everything that says what it stands for.
      # @return [Array<Array(String, String, String)>]
      def named
        parts = design.zones + design.features + design.subjects + design.courses + design.outer_courses
        own = parts.map { |part| ["#{part.pointer}/represents", part.name, part.represents] }
        units = parts.map { |part| ["#{part.pointer}/unit/represents", part.name, part.unit&.represents] }
        (own + units).select(&:last)
      end

      def nearest(pointer, key)
        guess = DidYouMean::SpellChecker.new(dictionary: catalogue.things.keys).correct(key).first
        guess && put("take #{guess.tr("_", " ")}", pointer, guess)
      end
    end
  end
end
