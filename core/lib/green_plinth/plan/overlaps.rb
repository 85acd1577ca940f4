# frozen_string_literal: true

module GreenPlinth
  module Plan
    # What areas share and how far they are apart, remembered by the areas themselves: an outline that has not changed is the same
    # object. Safe to share by threads.
    class Overlaps
      # So many pairs are remembered; then all are forgotten.
      MOST = 60_000

      def initialize
        forget
        @lock = Mutex.new
      end

      # @return [Float] mm²
      def shared_mm2(one, other) = remembered(:shared, one, other) { Geos.area(one.intersection(other)) }

      # @return [Float] mm
      def distance_mm(one, other) = remembered(:apart, one, other) { one.distance(other) }

      private

      def forget
        @known = { shared: {}.compare_by_identity, apart: {}.compare_by_identity }
        @pairs = 0
      end

      def remembered(what, one, other)
        one, other = other, one if other.object_id < one.object_id
        found = @lock.synchronize { @known[what][one]&.fetch(other, nil) }
        return found if found

        value = yield
        @lock.synchronize { keep(what, one, other, value) }
        value
      end

      def keep(what, one, other, value)
        forget if @pairs >= MOST
        @pairs += 1
        (@known[what][one] ||= {}.compare_by_identity)[other] = value
      end
    end
  end
end
