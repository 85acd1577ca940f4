# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Where on its water a course lies, as an area of the plan.
    class Spots
      # The opening is cut larger than the waterline by this (typical, from memory), mm: the gap that is filled.
      GAP_MM = 1.0

      # @param design [Design]
      # @param top [RGeo geometry] of the plinth
      def initialize(design, top)
        @design = design
        @top = top
        @areas = {}
      end

      # @param course [Design::WaterCourse]
      # @param pool [Pool]
      # @return [RGeo geometry] empty where there is no such place
      def area(course, pool) = @areas[[course.data, pool]] ||= found(course, pool)

      # @param course [Design::WaterCourse]
      # @param pool [Pool]
      # @return [Float] mm²
      def area_mm2(course, pool) = Plan::Geos.area(area(course, pool))

      # @return [Seas::Sea] the waves of a water
      def sea(water) = Seas::Sea.new(water, @design.scale, @design.wind_from_deg)

      # @return [Boolean] whether water is poured there: not where a hull lies
      def poured?(pool, x, y) = hulls.empty? || !hulls.intersects?(pool.water.area) || !hulls.contains?(Plan::Geos.point([x, y]))

      # @return [RGeo geometry] of a pool: what lies open between hulls
      def open(pool) = hulls.empty? ? pool.area : pool.area.difference(hulls)

      private

      def found(course, pool)
        shape = send(:"of_#{course.spot["shape"]}", course, pool)
        course.spot.trait?("ashore") ? shape : shape.intersection(open(pool))
      end

      def hulls = @hulls ||= Plan::Geos.union(@design.subjects.select(&:set_in_water?).map(&:footprint_area))

      def of_whole(_course, pool) = pool.area
      def of_crests(_course, pool) = crests(pool)
      def of_flats(_course, pool) = pool.area.difference(crests(pool))

      # Along ground and what stands out of it, not along the side of the plinth, which water stands against.
      def of_shore(course, pool)
        pool.area.boundary.difference(@top.boundary.buffer(GAP_MM)).buffer(course.band_mm)
      end

      # What a wave has just left: wet sand, and the film that runs up it.
      def of_beach(course, pool) = pool.area.buffer(course.band_mm).difference(pool.area).intersection(@top)

      def of_hulls(course, pool)
        obstacles = [hulls, *@design.outlined_features.map(&:area).select { |area| area.intersects?(pool.area) }]
        Plan::Geos.union(obstacles.reject(&:empty?)).then { |all| all.empty? ? all : all.buffer(course.band_mm).difference(all) }
      end

      # Where it stands against the side of the plinth, and is looked at from there.
      def of_edge(course, pool) = pool.area.intersection(@top.boundary.buffer(course.band_mm))

      # White water: reaches that are steep enough to break.
      def of_steep(_course, pool) = Plan::Geos.union(pool.reaches.select(&:white?).map(&:area))

      # Where at least so much stands over the ground.
      def of_deep(course, pool) = pool.deeper_than(course.from_depth_mm)

      def of_gap(_course, _pool) = hulls.empty? ? hulls : hulls.buffer(GAP_MM)
      def of_drawn(course, _pool) = course.outlined? ? course.area : Plan::Geos.empty

      # A hole in ice, a window that is left clear.
      def of_besides(course, pool) = course.outlined? ? pool.area.difference(course.area) : pool.area

      def crests(pool)
        found = sea(pool.water).crests or return Plan::Geos.empty
        rings = found.rings(Plan::Geos.bounds(pool.area))
        Plan::Geos.union(rings.map { |ring| Plan::Geos.polygon(ring[0..-2]) }).intersection(pool.area)
      end
    end
  end
end
