# frozen_string_literal: true

module GreenPlinth
  class Design
    # Bulk relief: a lift, a cut, a ramp, a mound or a skim.
    class Form < Part
      reads :from_mm, :to_mm, :from_z_mm, :to_z_mm, :crown_mm, :slope_deg

      def kind = @kind ||= kinds.of("forms", data["kind"])

      # @return [String] how its ground is computed: "lift", "cut", "ramp", "mound" or "skim"
      def shape = kind["shape"]

      def lift? = shape == "lift"
      def ramp? = shape == "ramp"
      def mound? = shape == "mound"
      def cut? = kind.trait?("takes_away")
      def sheet_mm = data["sheet_mm"].to_f
      def sheets = data["sheets"] || 1
      def thickness_mm = sheet_mm * sheets
      def depth_mm = data["depth_mm"].to_f
      def overhang? = data["overhang"] == true

      # @return [Array<String>] keys of the coats that close it, first to last
      def seal = data["seal"] || []

      # @return [Kinds::Kind] how its side falls
      def edge = data["edge"] ? kinds.of("edges", data["edge"]["kind"]) : kinds.usual("edges")

      # How far the side slopes inward, mm. A torn edge is a bevel that defaults to half the height.
      def run_mm
        return 0.0 unless edge.trait?("slopes")

        (data["edge"]["run_mm"] || ((cut? ? depth_mm : thickness_mm) / 2.0)).to_f
      end

      # @return [Kinds::Kind] how a mound falls to its outline
      def profile = kinds.of("profiles", data["profile"]) || kinds.usual("profiles")

      # Some kinds are made of one thing where nothing is said; of others it is not known.
      def material_key = data["material"] || kind["material"]
    end
  end
end
