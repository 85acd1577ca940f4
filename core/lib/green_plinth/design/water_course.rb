# frozen_string_literal: true

module GreenPlinth
  class Design
    # One layer on a water: brushed under its pours, between them, or on its surface.
    class WaterCourse < Course
      # Bands along a shore or a hull are this wide where nobody says (from memory), mm.
      USUAL_BAND_MM = 3.0
      # What counts as deep where nobody says (from memory), mm.
      USUAL_DEPTH_MM = 2.0

      # @param water [Water]
      # @return [Array<WaterCourse>] in laid-on order
      def self.of(water)
        (water.data["courses"] || []).each_with_index.map { |data, index| new(data, "#{water.pointer}/courses/#{index}", water) }
      end

      # @param mm [Float, nil]
      # @return [WaterCourse] so thick, where nobody says how thick it is
      def as_thick_as(mm)
        return self if mm.nil? || own_thickness_mm

        WaterCourse.new(data.merge("thickness_mm" => mm), pointer, host)
      end

      # @return [Kinds::Kind] where on the water it lies
      def spot = kinds.of("water_spots", data["on"]) || kinds.usual("water_spots")

      # @return [Integer, nil] of the pours that it lies on: 0 under all of them; nil: over the last
      def after_pour = data["after_pour"]

      # @return [String, nil] as it is seen; nil where it is clear
      def tone
        colour || (material&.colour if material && (material.trait?("hides") || !material.trait?("clear")))
      end

      # @param pours [Integer] of its water
      # @return [Boolean] whether something is poured over it
      def under?(pours) = !after_pour.nil? && after_pour < pours

      # @return [Float] mm of water that it needs over it, for what lies where it is deep
      def from_depth_mm = (data["from_depth_mm"] || USUAL_DEPTH_MM).to_f

      # @return [Float] mm of a band along a shore or a hull
      def band_mm = (data["width_mm"] || USUAL_BAND_MM).to_f
    end
  end
end
