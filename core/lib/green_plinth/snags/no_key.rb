# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Paste on a face with no tooth falls off with a knock.
    class NoKey < Check
      code "compat/no_key"
      severity "spoils"
      weight 300
      def snags
        plinth = design.plinth
        return [] if plinth.keyed? || !(plinth.glazed? || plinth.material&.trait?("smooth"))

        face = plinth.glazed? ? "glass" : plinth.material_name
        keyed = design.kinds["faces"].each_value.find { |one| one.trait?("keyed") }
        [snag("/plinth", "Nothing keys to #{face}: what is laid on it lifts off in one piece.",
          put("scuff it first", "/plinth/key", keyed.key))]
      end
    end
  end
end
