# frozen_string_literal: true

module GreenPlinth
  module Balance
    # What floats over a driver, and what the driver must carry through: how far the floating mass lies off the axis, how much
    # lies between driver and magnet, what floats; against the limits of the device's own leaflet. Where a subject hovers, the
    # base is the driver's housing: its ground lies between them and its own mass counts for nothing. Otherwise the base itself
    # floats, and its ground lies above its magnet.
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

      # @return [Array<Design::Subject>] what floats by itself over the base
      def hovering = @hovering ||= @design.subjects.select { |subject| subject.mount.trait?("hovers") }

      # @return [Array(Float, Float)] mm, the driver's: where the file says, or the middle of the foot
      def axis
        @axis ||= limits.float_at_mm || Plan::Geos.bounds(@terrain.ground.foot).then { |x0, y0, x1, y1| [(x0 + x1) / 2, (y0 + y1) / 2] }
      end

      # @return [Float, nil] mm; nil while a mass is unknown
      def off_axis_mm = centre&.then { |x, y, _| Math.hypot(x - axis[0], y - axis[1]) }

      # @return [Array(Float, Float), nil] mm, the middle of the floating mass
      def centre
        return @mass.centre if hovering.empty?
        return hovering.first.middle if hovering.one?
        return unless load_g

        (0..1).map { |axis| hovering.sum { |subject| subject.mass_g * subject.middle[axis] } / load_g }
      end

      # @return [Float, nil] mm between driver and magnet; nil where nobody said what lies there
      def gap_mm = limits.float_cover_mm && (limits.float_cover_mm + (hovering.any? ? ground_mm : 0))

      # @return [Float] mm that it can be at most: all of plinth and ground at the axis
      def gap_most_mm = @design.plinth.thickness_mm + ground_mm

      # @return [Float] mm of ground at the axis
      def ground_mm = @terrain.height_at(*axis) || 0.0

      # @return [Float, nil] g; nil while a mass is unknown
      def load_g
        return @mass.total_g if hovering.empty?

        masses = hovering.map(&:mass_g)
        masses.sum.to_f unless masses.include?(nil)
      end

      # @return [Hash] each figure with its limit; nil where nobody said one
      def to_h
        { "off_axis_mm" => off_axis_mm&.round(2), "off_axis_limit_mm" => off_axis_limit_mm.round(2), "gap_mm" => gap_mm&.round(2),
          "gap_most_mm" => gap_most_mm.round(2), "gap_limit_mm" => limits.float_gap_mm, "load_g" => load_g&.round(1),
          "load_limit_g" => limits.float_load_g, "floating" => hovering.map(&:name) }
      end

      # @return [Float] mm, the maker's own or the usual share of the diameter of what floats
      def off_axis_limit_mm = limits.float_off_axis_mm || (USUAL_OFF_AXIS * breadth_mm)

      private

      def limits = @design.limits

      def breadth_mm
        return Plan::Outline.size(@design.plinth.outline).min if hovering.empty?

        hovering.map { |subject| Plan::Geos.bounds(subject.footprint_area).then { |x0, y0, x1, y1| [x1 - x0, y1 - y0].min } }.max
      end
    end
  end
end
