# frozen_string_literal: true

module GreenPlinth
  class Catalogue
    # One entry of the catalogue. Densities g/cm³, *_min minutes, *_h hours, *_mm millimetres at the reference state.
    class Material
      attr_reader :key, :family, :traits

      # @param data [Hash] as in core/data/materials
      # @param family [Kinds::Kind] whose traits it has beside its own
      def initialize(key, data, family)
        @key = key
        @data = data.freeze
        @family = family
        @traits = [*data["traits"], *family.traits].freeze
      end

      def name = @data["name"]
      def mechanism = @data["mechanism"]
      def colour = @data["colour"]
      def hazards = @data["hazards"] || []
      def note = @data["note"]
      def reference_mm = @data["reference_mm"]
      # @return [Float, nil] how thick it is laid where nobody says
      def usual_mm = @data["usual_mm"] || reference_mm
      def exponent = @data["exponent"] || 1
      def shrinkage = (@data["shrinkage_pct"] || 0) / 100.0
      def density_wet = @data["density_wet"]
      def density_dry = @data["density_dry"]
      def max_layer_mm = @data["max_layer_mm"]
      def max_tinted_layer_mm = @data["max_tinted_layer_mm"]
      # @return [Float, nil] the share of its reference time that the thinnest layer takes
      def least_share = @data["least_share"] || @family["least_share"]
      def min_layer_mm = @data["min_layer_mm"]
      def pack = @data["pack"]
      def stock_mm = @data["stock_mm"]
      def windows = @data["windows"] || {}
      def [](name) = @data[name]
      def trait?(name) = @traits.include?(name)
      def sets? = mechanism != "none"
      def grain_mm = Range3.of(@data["grain_mm"])
      def open_min = Range3.of(@data["open_min"])

      # @return [String, nil] how it is usually laid; nil where nothing is said, or where a school decides
      def technique = @data["technique"]

      # @return [String, nil] the school that decides how it is laid
      def school = @data["school"]

      # @param stage [String] "handle", "next", "dry" or "full"
      # @return [Range3, nil] hours
      def hours(stage) = Range3.of(@data["#{stage}_h"])

      # @return [Float] what must be laid wet for a volume as it stands
      def wet_volume(volume) = volume / (1 - shrinkage)

      # @return [Hash{String => Float}, nil] of a product that is stirred up from parts the share of each by mass; nil where that is
      #   not known, or it comes ready
      def proportions
        parts = @data.dig("mix_parts", "by_mass") or return
        @proportions ||= parts.transform_values { |mass| mass / parts.values.sum.to_f }
      end

      # @return [Float] the share of the mass that has to be bought: water comes from the tap
      def bought_share = 1 - (proportions&.fetch(Stirred::WATER, nil) || 0.0)

      # @return [String] where a value comes from: a published standard, "common practice" or "from memory"
      def source(name) = @data.dig("sources", name) || @data["source"]

      def to_h = @data.merge("key" => key)
    end
  end
end
