# frozen_string_literal: true

module GreenPlinth
  module Batching
    # Two steps over the same copies, one after the other, as on an assembly line: the first copy dries while the last is
    # still in hand, so the second step may begin before the last has waited its time out. Copies are taken in the same
    # turn by both; minutes.
    class Flow
      # @param first [Step] of some copies
      # @param later [Step] of some of the same
      def initialize(first, later)
        @first = first
        @later = later
        @ends = [[first.copies.min, later.copies.min].max, [first.copies.max, later.copies.max].min]
      end

      # @param wait [Integer] from the finish of a copy to its next turn
      # @return [Integer] from the finish of the first step to the start of the later one
      def at_least(wait) = [@ends.map { |copy| wait - after_it(copy) - before_it(copy) }.max.ceil, 0].max

      # @param wait [Integer] the longest a copy may wait for its next turn
      # @return [Integer] negative where no start suits all copies
      def at_most(wait) = @ends.map { |copy| wait - after_it(copy) - set_up - before_it(copy) }.min.floor

      private

      # Work on the copies that come after this one in the first step, and before it in the later one.
      def after_it(copy) = (@first.copies.max - copy) * @first.each_min
      def before_it(copy) = (copy - @later.copies.min) * @later.each_min
      def set_up = @later.hands_on_min - (@later.copies.size * @later.each_min)
    end
  end
end
