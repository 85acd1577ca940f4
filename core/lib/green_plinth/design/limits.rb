# frozen_string_literal: true

module GreenPlinth
  class Design
    # What the finished thing must keep to; nil where the maker sets no limit. Millimetres, grams, minor units of money.
    class Limits
      # A case, a shelf or a box; sides that do not matter are nil.
      Place = Struct.new(:name, :width_mm, :depth_mm, :height_mm, :mass_g, keyword_init: true)

      def initialize(data)
        @data = data
      end

      def raise_mm = @data["raise_mm"]
      def float_gap_mm = @data["float_gap_mm"]
      # What lies between driver and magnet beside the ground: the housing's cover, card, the plinth below the magnet.
      def float_cover_mm = @data["float_cover_mm"]
      # The driver's place.
      def float_at_mm = @data["float_at_mm"]
      def float_load_g = @data["float_load_g"]
      def float_off_axis_mm = @data["float_off_axis_mm"]
      # Whether it is carried to shows or games.
      def travels? = @data["travels"] == true
      def budget_minor = @data["budget_minor"]

      # @return [Hash{String => Numeric}] "ahead", "astern", "abeam": room about a hull in its lengths; what is not there is not wished
      def sea_room = @data["sea_room"] || {}

      # @return [Array<Place>] what it must go into
      def fit_in = (@data["fit_in"] || []).map { |place| Place.new(**place.transform_keys(&:to_sym)) }
    end
  end
end
