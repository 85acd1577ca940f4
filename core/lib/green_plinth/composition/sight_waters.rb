# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The surface of the waters at many places at once, as it is seen: how high their waves stand, how they slope, and what lies on them.
    class SightWaters
      WATER = "#3f6f86"
      # A slope is taken over so much, mm.
      REACH_MM = 0.5
      # Edges of what lies on a water are as fine as this, mm.
      FINE_MM = 0.2

      # @param evaluation [Evaluation]
      # @param xs [Numo::DFloat] mm on the plan, of any shape
      # @param ys [Numo::DFloat] mm, of the same
      # @param wet [Array<Array(Waters::Pool, Numo::Bit)>] waters that stand, and where
      def initialize(evaluation, xs, ys, wet)
        @evaluation = evaluation
        @xs = xs
        @ys = ys
        @wet = wet
      end

      # @return [Array<String>] what is seen, in the order in which it is painted: each water, its depths, what lies on it
      def colours = seen.map(&:first)

      # @return [Array<Numo::Bit>] where each of those is
      def owners = seen.map(&:last)

      # @return [Numo::DFloat] mm above the still level
      def waves
        @wet.reduce(Numo::DFloat.zeros(*@xs.shape)) do |sum, (pool, where)|
          crests = crests(pool) or next sum
          sum + (crests.heights(@xs, @ys) * where)
        end
      end

      # @return [Array<Array(Numo::Bit, Numo::DFloat, Numo::DFloat)>] of each water where it is, and how it rises to the right and away
      def slopes
        @wet.map do |pool, where|
          crests = crests(pool)
          [where, *[[REACH_MM, 0], [0, REACH_MM]].map { |dx, dy| crests ? rise(crests, dx, dy) : Numo::DFloat.zeros(*@xs.shape) }]
        end
      end

      private

      def crests(pool) = @evaluation.spots.sea(pool.water).crests
      def rise(crests, dx, dy) = (crests.heights(@xs + dx, @ys + dy) - crests.heights(@xs - dx, @ys - dy)) / (2 * REACH_MM)

      def seen
        @seen ||= @wet.zip(laid).flat_map do |(pool, where), over|
          [[pool.water.colour || WATER, where], *over.map { |colour, area| [colour, Plan::Inside.of(area, @xs, @ys) & where] }]
        end
      end

      # The same from wherever it is looked at.
      # @return [Array<Array<Array(String, RGeo geometry)>>] of each water what is seen over it
      def laid
        pools = @wet.map(&:first)
        @evaluation.made_of(:sight_waters, pools, @evaluation.spots) { pools.map { |pool| depths(pool) + courses(pool) } }
      end

      def depths(pool) = @evaluation.depth_tones(pool).bands.map { |band| [band.colour, fine(band.area)] }

      def courses(pool)
        seen = pool.water.courses.select { |course| course.tone && !course.under?(pool.pours) }
        seen.map { |course| [course.tone, fine(@evaluation.spots.area(course, pool))] }
      end

      def fine(area) = area.empty? ? area : area.simplify(FINE_MM)
    end
  end
end
