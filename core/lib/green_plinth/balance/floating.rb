# frozen_string_literal: true

module GreenPlinth
  module Balance
    # A top that floats over a driver: how far its mass lies off the axis, how thick it is there, what it weighs; against
    # the limits of the device's own leaflet.
    class Floating
      # Where the leaflet is silent: this share of the diameter off the axis still hangs level (from memory).
      USUAL_OFF_AXIS = 0.02

      # @param mass [Mass]
      # @param terrain [Relief::Terrain]
      def initialize(design, mass, terrain)
        @design = design
        @mass = mass
        @terrain = terrain
      end

      # @return [Array(Float, Float)] mm, the axis: the middle of the foot
      def axis = @axis ||= Plan::Geos.bounds(@terrain.ground.foot).then { |x0, y0, x1, y1| [(x0 + x1) / 2, (y0 + y1) / 2] }

      # @return [Float, nil] mm; nil while a mass is unknown
      def off_axis_mm = @mass.centre&.then { |x, y, _| Math.hypot(x - axis[0], y - axis[1]) }

      # @return [Float] mm through the plinth and the ground at the axis
      def stack_mm = @design.plinth.thickness_mm + (@terrain.height_at(*axis) || 0.0)

      # @return [Float, nil] g
      def load_g = @mass.total_g

      # @return [Hash] each figure with its limit; nil where nobody said one
      def to_h
        limits = @design.limits
        { "off_axis_mm" => off_axis_mm&.round(2), "off_axis_limit_mm" => off_axis_limit_mm.round(2), "stack_mm" => stack_mm.round(2),
          "gap_limit_mm" => limits.float_gap_mm, "load_g" => load_g&.round(1), "load_limit_g" => limits.float_load_g }
      end

      # @return [Float] mm, the maker's own or the usual share of the diameter
      def off_axis_limit_mm = @design.limits.float_off_axis_mm || (USUAL_OFF_AXIS * Plan::Outline.size(@design.plinth.outline).min)
    end
  end
end
