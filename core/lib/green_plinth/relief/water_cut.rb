# frozen_string_literal: true

module GreenPlinth
  module Relief
    # One water in a cut through the base: from its ground to its moving surface, and what is laid in it and on it.
    class WaterCut
      # A brushed coat is drawn so thick, mm: thinner it is not seen.
      FILM_MM = 0.25

      # @param pool [Waters::Pool]
      # @param spots [Waters::Spots]
      def initialize(pool, spots)
        @pool = pool
        @spots = spots
        @crests = spots.sea(pool.water).crests
        @runs = Runs.new
        @laid = pool.water.courses.map { |course| [course, Runs.new] }
        @areas = {}
      end

      # One place along the cut.
      # @param s [Float] mm along it
      # @param cell [Array(Integer, Integer)] row and column
      # @param ground [Float] mm, what lies there without it
      def take(s, cell, x, y, ground)
        depth = @pool.depth_at(*cell)
        return ashore(s, x, y, ground) unless depth
        return unless @spots.poured?(@pool, x, y)

        level = @pool.surface_at(x, y)
        top = level + (@crests&.height_at(x, y) || 0.0)
        @runs.add(s, level - depth, top)
        here = Plan::Geos.point([x, y])
        @laid.each { |course, runs| lay(course, runs, s, [level - depth, level, top]) if area(course).contains?(here) }
      end

      # @return [Boolean] whether the cut meets it
      def any? = [@runs, *@laid.map(&:last)].any? { |runs| runs.to_a.any? }

      # @return [Hash] JSON-ready: its id, its runs of [s, bottom, top] along the cut, mm, and those of what is laid on it
      def to_h
        courses = @laid.map do |course, runs|
          { "pointer" => course.pointer, "name" => course.name, "colour" => course.tone, "runs" => runs.to_a }
        end
        { "id" => @pool.id, "runs" => @runs.to_a, "courses" => courses }
      end

      private

      # What runs up the beach beside it.
      def ashore(s, x, y, ground)
        here = nil
        @laid.each do |course, runs|
          next unless course.spot.trait?("ashore") && area(course).contains?(here ||= Plan::Geos.point([x, y]))

          runs.add(s, ground, ground + (course.own_thickness_mm || FILM_MM))
        end
      end

      # Under its pours on the ground, between them on what is poured by then, else on its surface.
      # @param heights [Array(Float, Float, Float)] mm, of its ground, its level and its moving surface
      def lay(course, runs, s, heights)
        bed, level, top = heights
        from = course.under?(@pool.pours) ? [level_after(course) + level - @pool.level, bed].max : top
        runs.add(s, from, from + (course.own_thickness_mm || FILM_MM))
      end

      def level_after(course) = course.after_pour.zero? ? -Float::INFINITY : @pool.pour(course.after_pour).top_mm
      def area(course) = @areas[course.pointer] ||= @spots.area(course, @pool)
    end
  end
end
