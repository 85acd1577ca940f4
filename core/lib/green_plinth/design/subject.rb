# frozen_string_literal: true

module GreenPlinth
  class Design
    # What the base is for: a figure, a vehicle, a hull.
    class Subject < Part
      reads :footprint, :silhouette, :height_mm, :mass_g, :draught_mm, :speed_knots, :contact_mm2, :paint_min, :represents, :disc

      def kind = @kind ||= kinds.of("subjects", data["kind"])
      def at_mm = data["at_mm"] || [0.0, 0.0]
      def turn_deg = (data["turn_deg"] || 0).to_f
      def focal? = data["focal"] == true
      def middle = at_mm

      # @return [Kinds::Kind] how it is held
      def mount = kinds.of("mounts", data["mount"]) || kinds.usual("mounts")

      # @return [Kinds::Kind] how far it has come
      def state = kinds.of("states", data["state"]) || kinds.usual("states")

      # @return [Boolean] whether there is painting left to do
      def unpainted? = (paint_min || 0).positive? && !state.trait?("finished")

      # @return [Boolean] whether it lies in water where it meets some
      def set_in_water? = kind.trait?("set_in_water")

      # @return [Integer] how many of what its mount is counted by
      def held_by = kind_of_holding ? data.dig("fixing", kind_of_holding) || 1 : 1

      # @return [RGeo geometry] what touches the ground
      def footprint_area = @footprint_area ||= placed(footprint)

      # @return [RGeo geometry] the whole plan shadow
      def shadow = @shadow ||= placed(reach)

      # @return [Hash] the outline of the whole plan shadow, about its own middle
      def reach = silhouette || footprint

      # @return [Array(Float, Float)] mm: the box its footprint fills, unturned
      def footprint_size = Plan::Outline.size(footprint)

      # Exactly for two round ones, whose polygons stray from the curve by a hair.
      # @param other [Subject]
      # @return [Float] mm between the two shadows; 0 where they meet
      def distance_to(other)
        return shadow.distance(other.shadow) unless plain_round? && other.plain_round?

        [Math.hypot(at_mm[0] - other.at_mm[0], at_mm[1] - other.at_mm[1]) - radius_mm - other.radius_mm, 0.0].max
      end

      # The foot points on the plan: the maker's own, else one in the middle of the footprint.
      # @return [Array<Array(Float, Float)>] mm
      def foot_points
        points = (data["feet"] || []).map { |foot| foot["at_mm"] }
        Plan::Outline.place(points.empty? ? [[0.0, 0.0]] : points, at_mm, turn_deg)
      end

      # @return [Boolean] whether the maker has said where its feet are
      def feet? = data.key?("feet")

      # @param at [Array(Float, Float)] mm
      # @return [Subject] the same, elsewhere
      def moved_to(at) = Subject.new(data.merge("at_mm" => at), pointer, catalogue)

      # @return [Subject] the same, so many mm away; to a tenth, as a ruler has it
      def moved_by(dx, dy) = moved_to([(at_mm[0] + dx).round(1), (at_mm[1] + dy).round(1)])

      # @return [Array(String, Object)] the member that says where it is, and what it says
      def place = ["at_mm", at_mm]

      # @return [RGeo geometry] what it takes of the ground
      def foot_area = footprint_area

      # @return [Subject] the same, turned to so many degrees
      def turned_to(degrees) = Subject.new(data.merge("turn_deg" => degrees), pointer, catalogue)

      protected

      def plain_round? = reach["kind"] == "round" && reach["at_mm"].nil?
      def radius_mm = reach["diameter_mm"] / 2.0

      private

      def kind_of_holding = mount["counted_by"]
      def placed(outline) = Plan::Outline.polygon(outline, at: at_mm, turn: turn_deg)
    end
  end
end
