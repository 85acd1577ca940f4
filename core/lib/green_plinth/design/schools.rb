# frozen_string_literal: true

module GreenPlinth
  class Design
    # The maker's side where good makers disagree; what is not chosen has the trade's usual default.
    class Schools
      DEFAULTS = { "mounting" => "after_painting", "ground_colour" => "painted", "texture" => "before_priming",
                   "greenery" => "after_painting", "tufts" => "glued", "rim" => "black" }.freeze

      def initialize(data, purpose)
        @data = data
        @purpose = purpose
      end

      # @return [String] e.g. self["greenery"] → "after_painting"
      def [](key)
        @data[key] || (key == "fixing" ? fixing_default : DEFAULTS.fetch(key))
      end

      # @return [Hash{String => String}] the side taken in every school
      def to_h = [*DEFAULTS.keys, "fixing"].to_h { |key| [key, self[key]] }

      private

      def fixing_default = @purpose == "gaming_base" ? "drop_in_binder" : "wetted_flood"
    end
  end
end
