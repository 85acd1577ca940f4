# frozen_string_literal: true

module GreenPlinth
  module Faces
    # What every roof says of itself, whatever plan it lies over: its record of how buildings are roofed, and its maker's figures.
    module Pitched
      # @param feature [Design::Feature]
      def of(feature)
        @kind = feature.roof
        @data = feature.data["roof"]
      end
      private :of

      def shape = @kind["shape"]

      # @return [Float] degrees
      def pitch_deg = (@data["pitch_deg"] || @kind["pitch_deg"]).to_f

      # @return [Float] mm that it reaches past the walls, level
      def overhang_mm = (@data["overhang_mm"] || 0).to_f

      private

      def tan = Math.tan(pitch_deg * Math::PI / 180)
    end
  end
end
