# frozen_string_literal: true

module GreenPlinth
  class Design
    # What is poured: a level, a medium, layers.
    class Water < Part
      include Coursed

      # @return [Float, nil] mm; of running water where it begins
      def level_mm = fall ? fall.level_mm : data["level_mm"]&.to_f

      # @return [Fall, nil] how its surface falls; nil where it lies level
      def fall = data["fall"] && (@fall ||= Fall.new(data["fall"].map { |mark| [*mark["at_mm"], mark["level_mm"]].map(&:to_f) }))

      # The patch that puts its surface elsewhere: its level, or that of each mark of its fall.
      # @param mm [Float] its level then, of running water where it begins
      # @return [Array(String, Object)] pointer and value
      def level_at(mm)
        return ["#{pointer}/level_mm", mm] unless fall

        by = mm - fall.level_mm
        ["#{pointer}/fall", data["fall"].map { |mark| mark.merge("level_mm" => (mark["level_mm"] + by).round(2)) }]
      end

      def max_layer_mm = data["max_layer_mm"]&.to_f
      def own_layers = data["layers"]
      def material_key = data["medium"]

      # @return [Array<WaterCourse>] what is laid besides its pours, in laid-on order
      def courses = @courses ||= WaterCourse.of(self)

      reads :sea_state

      # @return [Float, nil] m of water in life; nil: deep, as far as anybody knows
      def depth_m = data["depth_m"]&.to_f

      def wave_height_mm = data.dig("waves", "height_mm")&.to_f
      def wave_length_mm = data.dig("waves", "length_mm")&.to_f
      def waves_from_deg = data.dig("waves", "from_deg")&.to_f

      # @return [Kinds::Kind] how it lies
      def surface = kinds.of("surfaces", data["surface"]) || kinds.usual("surfaces")

      # @return [String] key of what it is poured of
      def medium_key = material_key

      # @return [Catalogue::Material, nil]
      def medium = material

      # @return [Numeric, nil] of tint in 10 ml; nil where nothing is said
      def tint_drops = data.dig("tint", "drops_per_10ml")

      def tinted? = (tint_drops || 0).positive?

      # @return [String, nil] key of what it is tinted with, a material or a mix
      def tint_key = data.dig("tint", "material")

      def tint_colour = data.dig("tint", "colour")

      # @return [String, nil] what it is tinted with, else the colour of its medium
      def colour = tint_colour || medium&.colour

      # @return [Boolean] whether the bed was sealed before
      def sealed? = data["sealed"] == true
    end
  end
end
