# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Paste on a face with no tooth falls off with a knock.
    class NoKey < Check
      code "compat/no_key"
      severity "spoils"
      SMOOTH = %w[acrylic_sheet].freeze

      def snags
        return [] if design.plinth.keyed? || !(design.plinth["glazed"] || SMOOTH.include?(design.plinth.material))

        face = design.plinth["glazed"] ? "glass" : catalogue.name(design.plinth.material)
        [snag("/plinth", "Nothing keys to #{face}: what is laid on it lifts off in one piece.", put("scuff it first", "/plinth/key", "scuffed"))]
      end
    end
  end
end
