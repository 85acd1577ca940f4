# frozen_string_literal: true

module GreenPlinth
  class Design
    # One layer of one material in a zone or on a feature.
    class Course < Part
      attr_reader :host

      # @param host [Coursed]
      # @return [Array<Course>] bottom to top
      def self.of(host)
        (host.data["courses"] || []).each_with_index.map { |data, index| new(data, "#{host.pointer}/courses/#{index}", host) }
      end

      def initialize(data, pointer, host)
        super(data, pointer, host.catalogue)
        @host = host
      end

      reads :count, :represents, :note, :rig, :technique, :length_mm

      # @return [Kinds::Kind] where on a building's faces it lies
      def face_spot = kinds.of("face_spots", data["on_face"]) || kinds.usual("face_spots")

      def coats = data["coats"] || 1
      def cover_pct = data["cover_pct"] || 100
      def cover = cover_pct / 100.0
      def name = data["name"] || material_key.tr("_", " ")

      # @return [Float, nil] mm as the maker says
      def own_thickness_mm = data["thickness_mm"]

      # @return [Float, nil] mm as the maker says, else the usual layer of its material
      def thickness_mm = own_thickness_mm || material&.usual_mm

      # @return [Array(Float, Float), nil] mm as the maker says
      def own_grain_mm = data["grain_mm"]

      # @return [Array(Float, Float), nil] mm, finest and coarsest: as the maker says, else as the material comes
      def grain_mm = own_grain_mm || material&.grain_mm&.then { |range| [range.low, range.high] }

      # @return [Float] mm of a middling grain; 0 for what has none
      def mean_grain_mm = own_grain_mm ? own_grain_mm.sum / 2.0 : material&.grain_mm&.typical || 0.0

      # @return [Boolean] whether found matter was made fit before
      def treated? = data["treated"]&.any? || false

      # @return [String, nil] the id of the file's own mix
      def mix = material_key.start_with?("mix:") ? material_key.delete_prefix("mix:") : nil
    end
  end
end
