# frozen_string_literal: true

module GreenPlinth
  class Design
    # Bulk relief: a lift, a cut, a ramp, a mound or a skim.
    class Form < Part
      def sheet_mm = data["sheet_mm"].to_f
      def sheets = data["sheets"] || 1
      def thickness_mm = sheet_mm * sheets
      def depth_mm = data["depth_mm"].to_f
      def overhang? = data["overhang"] == true
      def edge = data["edge"] || { "kind" => "sheer" }
      def glue = data.dig("fixing", "glue")
      def cut? = kind == "cut"

      # How far the side slopes inward, mm. A torn edge is a bevel that defaults to half the height.
      def run_mm
        return 0.0 if edge["kind"] == "sheer"

        (edge["run_mm"] || ((cut? ? depth_mm : thickness_mm) / 2.0)).to_f
      end

      # @return [String, nil] catalogue key; a skim without a material is wall filler, others are unknown
      def material = data["material"] || (kind == "skim" ? "wall_filler" : nil)
    end
  end
end
