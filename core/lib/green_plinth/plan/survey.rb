# frozen_string_literal: true

module GreenPlinth
  module Plan
    # What was found of areas, remembered by the areas themselves: an outline that has not changed is the same object. Safe to
    # share by threads.
    class Survey
      # So many findings are remembered; then all are forgotten.
      MOST = 60_000

      def initialize
        forget
        @lock = Mutex.new
      end

      # @return [Float] mm²
      def shared_mm2(one, other) = of_two(:shared, one, other) { Geos.area(one.intersection(other)) }

      # @return [Float] mm
      def distance_mm(one, other) = of_two(:apart, one, other) { one.distance(other) }

      # @return [Array(Float, Float, Float, Float)] see Geos.bounds
      def box(area) = of(area, :box) { Geos.bounds(area) }

      # @return [Convex, nil]
      def convex(area) = of(area, :convex) { Convex.of(area) }

      # @param what [Symbol, Class] whatever else is found of one area
      # @return the block's value, the same object for the same area
      def of(area, what)
        found = @lock.synchronize { @known[what][area] }
        return found.first if found

        value = [yield]
        @lock.synchronize { keep(@known[what], area, value) }
        value.first
      end

      private

      def forget
        @known = Hash.new { |all, what| all[what] = {}.compare_by_identity }
        @size = 0
      end

      def of_two(what, one, other)
        one, other = other, one if other.object_id < one.object_id
        found = @lock.synchronize { @known[what][one]&.fetch(other, nil) }
        return found if found

        value = yield
        @lock.synchronize { keep(@known[what][one] ||= {}.compare_by_identity, other, value) }
        value
      end

      def keep(found, area, value)
        forget if @size >= MOST
        @size += 1
        found[area] = value
      end
    end
  end
end
