# frozen_string_literal: true

module GreenPlinth
  module Composition
    # Where subjects and features stand on the plan.
    module Standing
      module_function

      # @return [RGeo geometry] what touches the ground
      def footprint(subject) = Plan::Outline.polygon(subject.footprint, at: subject.at_mm, turn: subject.turn_deg)

      # @return [RGeo geometry] the whole plan shadow
      def silhouette(subject)
        Plan::Outline.polygon(subject.silhouette || subject.footprint, at: subject.at_mm, turn: subject.turn_deg)
      end

      # @return [Boolean] whether a feature has an outline of its own
      def outlined?(feature) = !feature.outline.nil? && feature.outline["kind"] != "rest"

      # @return [Array(Float, Float)] mm; the plinth's middle for a feature that has no place
      def middle(part)
        return part.at_mm if part.is_a?(Design::Subject)
        return [0.0, 0.0] unless outlined?(part)

        Plan::Outline.polygon(part.outline).centroid.then { |point| [point.x, point.y] }
      end

      # Exactly for two round ones, whose polygons stray from the curve by a hair.
      # @return [Float] mm between two subjects' silhouettes; 0 where they meet
      def apart(one, other)
        outlines = [one, other].map { |subject| subject.silhouette || subject.footprint }
        return silhouette(one).distance(silhouette(other)) unless outlines.all? { |outline| outline["kind"] == "round" && outline["at_mm"].nil? }

        between = Math.hypot(one.at_mm[0] - other.at_mm[0], one.at_mm[1] - other.at_mm[1])
        [between - outlines.sum { |outline| outline["diameter_mm"] / 2.0 }, 0.0].max
      end

      # The foot points on the plan: the maker's own, else one in the middle of the footprint.
      # @return [Array<Array(Float, Float)>] mm
      def feet(subject)
        points = (subject["feet"] || []).map { |foot| foot["at_mm"] }
        points = [[0.0, 0.0]] if points.empty?
        Plan::Outline.place(points, subject.at_mm, subject.turn_deg)
      end
    end
  end
end
