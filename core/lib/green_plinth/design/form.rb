# frozen_string_literal: true

module GreenPlinth
  class Design
    # Bulk relief: a lift, a cut, a ramp, a mound or a skim.
    class Form < Part
      reads :from_mm, :to_mm, :from_z_mm, :to_z_mm, :crown_mm, :slope_deg

      def kind = @kind ||= kinds.of("forms", data["kind"])

      # @return [String] how its ground is computed: "lift", "cut", "ramp", "mound", "skim", "bore", "bank" or "cutting"
      def shape = kind["shape"]

      # @return [Boolean] whether its sides slope from a line to the ground beside it
      def along_a_line? = kind.trait?("along_a_line")

      def camber_mm = data["camber_mm"].to_f

      # @return [Plan::Polyline, nil] the line it is drawn along
      def line = outline["kind"] == "strip" ? @line ||= Plan::Polyline.new(Plan::Outline.line(outline)) : nil

      # @return [RGeo geometry] what it can change of the ground: with its slopes, where it has such
      def area
        return super unless along_a_line? && line

        @area ||= Plan::Outline.polygon(outline.merge("width_mm" => outline["width_mm"] + (2 * slope_reach_mm)))
      end

      # How far its slopes go out: from its level down to the plinth's face, or up as high as bases are built.
      def slope_reach_mm
        rise = cut? ? HIGHEST_MM : [from_z_mm, to_z_mm, 0].max + camber_mm
        rise / Math.tan(slope_deg * Math::PI / 180)
      end

      # A cutting is looked for no higher over its own level, mm (from memory).
      HIGHEST_MM = 60.0

      def bore? = shape == "bore"

      # @return [Boolean] whether it is a room for a lamp, a battery or a motor
      def cavity? = kind.trait?("houses")

      # @return [Kinds::Kind] how such a room is reached once the base is finished
      def hatch = kinds.of("hatches", data["reached_from"]) || kinds.usual("hatches")

      # @return [Boolean] whether it is open at the underside
      def open_below? = cavity? && hatch.trait?("under")

      # @return [Float] mm over the plinth's face
      def crown_height_mm = invert_mm + clear_mm

      def invert_mm = data["invert_mm"].to_f
      def clear_mm = data["clear_mm"].to_f
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
