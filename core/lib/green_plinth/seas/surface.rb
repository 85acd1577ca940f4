# frozen_string_literal: true

module GreenPlinth
  module Seas
    # The moving surface of a water as triangles, with the colours of what lies on it.
    class Surface
      # So many points to a wavelength are enough to see it; where colours lie on it so many along the longer side, and never more.
      TO_A_WAVE = 8
      MOST_ALONG = 90

      # @param pool [Waters::Pool]
      # @param spots [Waters::Spots]
      def initialize(pool, spots)
        @pool = pool
        @spots = spots
        @sea = spots.sea(pool.water)
      end

      # @return [Hash, nil] flat lists: vertices (x, y, z in mm), triangles (indices), colours (by index into a short list), owners (one
      #   colour index for each vertex); nil where the water lies still and bare
      def to_h
        return unless @pool.wet? && (@sea.any? || shown.any? || @pool.water.fall)

        { "vertices" => points.flat_map { |x, y| [x.round(2), y.round(2), height(x, y).round(2)] }, "triangles" => triangles,
          "colours" => [@pool.water.colour, *shown.map { |course, _| course.tone }],
          "owners" => points.map { |x, y| owner(x, y) } }
      end

      private

      # Courses that are seen: on the last pour, and not clear.
      def shown
        @shown ||= @pool.water.courses.select { |course| course.tone && !course.under?(@pool.pours) }
          .map { |course| [course, @spots.area(course, @pool)] }.reject { |_, area| area.empty? }
      end

      def height(x, y) = @pool.surface_at(x, y) + (crests&.height_at(x, y) || 0.0)
      def crests = @crests ||= @sea.crests

      # The last that lies there is what is seen.
      def owner(x, y)
        here = Plan::Geos.point([x, y])
        (shown.rindex { |_, area| area.contains?(here) } || -1) + 1
      end

      def box = @box ||= Plan::Geos.bounds(@pool.area)

      def step
        long = [box[2] - box[0], box[3] - box[1]].max
        shown.any? || @pool.water.fall ? long / MOST_ALONG : [long / MOST_ALONG, @sea.length_mm / TO_A_WAVE].max
      end

      def columns = ((box[2] - box[0]) / step).ceil
      def rows = ((box[3] - box[1]) / step).ceil

      # Corners of the squares whose middles are wet, each once.
      def squares
        @squares ||= (0...rows).to_a.product((0...columns).to_a).select do |row, column|
          @pool.area.contains?(Plan::Geos.point([box[0] + ((column + 0.5) * step), box[1] + ((row + 0.5) * step)]))
        end
      end

      def corners = @corners ||= squares.flat_map { |row, column| ring(row, column) }.uniq
      def ring(row, column) = [[row, column], [row, column + 1], [row + 1, column + 1], [row + 1, column]]
      def points = @points ||= corners.map { |row, column| [[box[0] + (column * step), box[2]].min, [box[1] + (row * step), box[3]].min] }

      def triangles
        index = corners.each_with_index.to_h
        squares.flat_map do |row, column|
          a, b, c, d = ring(row, column).map { |corner| index[corner] }
          [a, b, c, a, c, d]
        end
      end
    end
  end
end
