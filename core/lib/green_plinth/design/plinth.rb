# frozen_string_literal: true

module GreenPlinth
  class Design
    # The base itself.
    class Plinth < Part
      def thickness_mm = (data["thickness_mm"] || kinds.work("plinth", "thickness_mm")).to_f
      def material_key = data["material"] || kinds.work("plinth", "material")
      def lip_mm = (data["lip_mm"] || 0).to_f
      def border_mm = (data["border_mm"] || 0).to_f
      def top_outline = data["top_outline"] || outline
      def name = "the plinth"

      # @return [Boolean] whether the buildable top is smaller than the foot
      def bevelled? = data.key?("top_outline")

      # @return [RGeo geometry] the buildable top
      def top = bevelled? ? Plan::Outline.polygon(top_outline) : area

      def glazed? = data["glazed"] == true

      # @return [Kinds::Kind, nil] how its face was prepared; nil where nothing is said
      def face = kinds.of("faces", data["key"])

      # @return [Boolean] keyed so that glue holds; a bare face is not
      def keyed? = face&.trait?("keyed") || false

      # @return [Boolean] whether water stays out of it
      def sealed? = face&.trait?("sealed") || false
    end
  end
end
