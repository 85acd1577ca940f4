# frozen_string_literal: true

module GreenPlinth
  module Materials
    # One entry of the catalogue. Densities g/cm³, *_min minutes, *_h hours, *_mm millimetres at the reference state.
    class Material
      attr_reader :key

      # @param data [Hash] as in core/data/materials
      def initialize(key, data)
        @key = key
        @data = data.freeze
        @traits = (data["traits"] || []).freeze
      end

      def name = @data["name"]
      def family = @data["family"]
      def mechanism = @data["mechanism"]
      def colour = @data["colour"]
      def technique = @data["technique"]
      def hazards = @data["hazards"] || []
      def note = @data["note"]
      def reference_mm = @data["reference_mm"]
      def exponent = @data["exponent"] || 1
      def shrinkage = (@data["shrinkage_pct"] || 0) / 100.0
      def density_wet = @data["density_wet"]
      def density_dry = @data["density_dry"]
      def max_layer_mm = @data["max_layer_mm"]
      def max_tinted_layer_mm = @data["max_tinted_layer_mm"]
      def min_layer_mm = @data["min_layer_mm"]
      def pack = @data["pack"]
      def stock_mm = @data["stock_mm"]
      def windows = @data["windows"] || {}
      def [](name) = @data[name]
      def trait?(name) = @traits.include?(name)
      def sets? = mechanism != "none"
      def grain_mm = Range3.of(@data["grain_mm"])
      def open_min = Range3.of(@data["open_min"])

      # @param stage [String] "handle", "next", "dry" or "full"
      # @return [Range3, nil] hours
      def hours(stage) = Range3.of(@data["#{stage}_h"])

      # @return [String] where a value comes from: a published standard, "common practice" or "from memory"
      def source(name) = @data.dig("sources", name) || @data["source"]

      def to_h = @data.merge("key" => key)
    end
  end
end
