# frozen_string_literal: true

module GreenPlinth
  class Design
    # Hard scenery and foliage set on the ground.
    class Feature < Part
      include Coursed

      reads :height_mm, :mass_g, :represents, :crown_mm, :gauge_mm, :rail_mm, :host, :technique

      # @return [Kinds::Kind, nil] how it is roofed; nil where nobody says
      def roof = data["roof"] && (kinds.of("roofs", data["roof"]["kind"]) || kinds.usual("roofs"))

      # @return [Boolean] whether it has lights or moves
      def powered? = data["powered"] == true

      # @return [Array<Array(Float, Float)>, nil] the way of its cable; nil where nobody says
      def cable = data["cable_mm"]

      # @return [Float, nil] mm that its walls are thick
      def wall_mm = data["wall_mm"]&.to_f

      # @return [Boolean] whether found matter was made fit before
      def treated? = data["treated"]&.any? || false

      def kind = @kind ||= kinds.of("features", data["kind"])
      def name = data["name"] || (id ? id.tr("_-", "  ") : kind.name)
      def set_in_water? = false
      def focal? = false
      def turn_deg = 0

      # @return [Feature] the same, so many mm away; only of what is outlined
      def moved_by(dx, dy)
        Feature.new(data.merge("outline" => Plan::Outline.shifted(outline, dx.round(1), dy.round(1))), pointer, catalogue)
      end

      # @return [Array(String, Object)] the member that says where it is, and what it says
      def place = ["outline", outline]

      # @return [RGeo geometry] what it takes of the ground
      def foot_area = area

      # @return [Float, nil] mm² of its plan; nil where it has no place
      def plan_mm2 = outlined? ? area.area : nil
    end
  end
end
