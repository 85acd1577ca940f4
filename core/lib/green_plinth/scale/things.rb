# frozen_string_literal: true

module GreenPlinth
  module Scale
    # Real sizes: what a model part is in life, and what it would pass for.
    class Things
      # The particle names of ISO 14688-1 with their upper borders, mm.
      GRAINS = [["clay", 0.002], ["silt", 0.063], ["fine sand", 0.2], ["medium sand", 0.63], ["coarse sand", 2.0], ["fine gravel", 6.3],
        ["medium gravel", 20.0], ["coarse gravel", 63.0], ["cobbles", 200.0], ["boulders", 630.0],
        ["large boulders", Float::INFINITY]].freeze
      IN_MM = { "mm" => 1.0, "m" => 1000.0 }.freeze

      # @param catalogue [Catalogue]
      def initialize(catalogue)
        @things = catalogue.things
      end

      # The name of grains of a real size. Source: ISO 14688-1. A border size belongs to the coarser kind.
      # @param size_mm [Float] in life
      # @return [String]
      def self.grain_name(size_mm) = GRAINS.find { |_, border| size_mm < border }.first

      # @return [Array<Thing>] every kind of grain, the smallest first
      def grains = @grains ||= measured("grain")

      # @param low [Float] mm in life
      # @param high [Float]
      # @return [Array<Thing>] what grains of such sizes could be, the likeliest first
      def grains_of(low, high)
        grains.select { |thing| thing.range_mm.low < high && thing.range_mm.high > low }
          .sort_by { |thing| (Math.log(thing.range_mm.typical) - Math.log(Math.sqrt([low, 1e-6].max * high))).abs }
      end

      # @return [Array<Thing>] what grows and is told by its height, the lowest first
      def grasses = @grasses ||= measured("height").select(&:grass?)

      # @return [Thing, nil]
      def [](key) = @things[key] && Thing.new(key, @things[key])

      private

      def measured(what)
        @things.keys.map { |key| self[key] }.select { |thing| thing.measure == what }.sort_by { |thing| thing.range_mm.typical }
      end

      # A real thing: range in mm of life.
      class Thing
        attr_reader :key

        def initialize(key, data)
          @key = key
          @data = data
        end

        def name = @data["name"]
        def measure = @data["measure"]
        def source = @data["source"]
        def range_mm = Catalogue::Range3.of(@data["range"].map { |value| value * IN_MM.fetch(@data["unit"]) })

        # @return [Array(Float, Float, Float), nil] mm in life: length, width and height of one unit
        def size_mm = @data["size_mm"]&.map(&:to_f)

        # @return [Float, nil] mm in life between one and the next, of what comes in dashes
        def gap_mm = @data["apart"] && (@data["apart"] * IN_MM.fetch(@data["unit"]))

        # @return [String, nil] the kind of subject or feature whose silhouette stands for it
        def drawn_as = @data["drawn_as"]

        # @return [Boolean] whether fibres stand for it
        def grass? = @data["grass"] == true

        # @return [Boolean] whether it is kept short and closed
        def mown? = @data["mown"] == true

        # @return [Float, nil] mm in life that one on a roof shows of itself below the one above; nil for what lies on none
        def roof_gauge_mm = @data["roof_gauge_mm"]&.to_f

        # @return [Float, nil] mm in life, the clear space between two units
        def joint_mm = @data["joint_mm"]&.to_f

        # @return [Array(Float, Float)] model mm at 1:n
        def model_mm(scale) = [range_mm.low / scale, range_mm.high / scale]
      end
    end
  end
end
