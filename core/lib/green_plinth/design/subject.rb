# frozen_string_literal: true

module GreenPlinth
  class Design
    # What the base is for: a figure, a vehicle, a hull.
    class Subject < Part
      def footprint = data["footprint"]
      def silhouette = data["silhouette"]
      def at_mm = data["at_mm"] || [0.0, 0.0]
      def turn_deg = (data["turn_deg"] || 0).to_f
      def mount = data["mount"]
      def focal? = data["focal"] == true
    end
  end
end
