# frozen_string_literal: true

module GreenPlinth
  class Design
    # The base itself.
    class Plinth < Part
      def thickness_mm = (data["thickness_mm"] || 3).to_f
      def material = data["material"] || "mdf"
      def lip_mm = (data["lip_mm"] || 0).to_f
      def border_mm = (data["border_mm"] || 0).to_f
      def top_outline = data["top_outline"] || outline
      def name = "the plinth"

      # @return [Boolean] keyed so that glue holds; a bare face is not
      def keyed? = !data["key"].nil? && data["key"] != "none"
    end
  end
end
