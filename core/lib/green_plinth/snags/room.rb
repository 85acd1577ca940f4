# frozen_string_literal: true

module GreenPlinth
  module Snags
    # The finished thing against the case, shelf, table or box it must go into.
    class Room < Check
      code "fit/room"
      severity "spoils"
      weight 450

      # Over by less is what a ruler tells wrong, mm or g.
      ALLOWED = 0.05

      def snags
        design.limits.fit_in.each_with_index.filter_map do |place, index|
          over = too_much(place)
          snag("/limits/fit_in/#{index}", "It does not fit #{place.name}: #{over.join(", ")}.") unless over.empty?
        end
      end

      private

      # Turned the better way round.
      def too_much(place)
        [size, size.reverse].map { |width, depth| over(place, width, depth) }.min_by(&:size)
      end

      def over(place, width, depth)
        [["wide", width, place.width_mm, "mm"], ["deep", depth, place.depth_mm, "mm"], ["high", height_mm, place.height_mm, "mm"],
          ["", total_g, place.mass_g, "g"]].filter_map do |word, value, limit, unit|
          "#{number(value)} #{unit} #{word}".strip + " where #{number(limit)} #{unit} go" if limit && value && value > limit + ALLOWED
        end
      end

      # A case goes over all bodies.
      # @return [Float, nil] mm from the table; nil while a height is unknown
      def height_mm
        tops = @evaluation.placed_bodies.map do |one|
          own = one.evaluation.mass.height_mm
          own && (own + one.lift_mm - one.evaluation.design.plinth.thickness_mm + design.plinth.thickness_mm)
        end
        [@evaluation.mass.height_mm, *tops].then { |all| all.include?(nil) ? nil : all.max }
      end

      def total_g
        masses = [@evaluation.mass, *@evaluation.placed_bodies.map { |one| one.evaluation.mass }].map(&:total_g)
        masses.include?(nil) ? nil : masses.sum
      end

      # With what reaches past the plinth.
      def size
        @size ||= begin
          shapes = [@evaluation.ground.foot, *design.subjects.map(&:shadow), *@evaluation.placed_bodies.map(&:foot)]
          Plan::Geos.bounds(Plan::Geos.union(shapes)).then { |x0, y0, x1, y1| [x1 - x0, y1 - y0] }
        end
      end
    end
  end
end
