# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Nodes ranked so that every edge leads upwards, while edges are added one by one: most fit as they stand, and one that does
    # not moves only what lies between its ends. An edge that would close a circle is refused. (D. J. Pearce, P. H. J. Kelly: A
    # dynamic topological sort algorithm for directed acyclic graphs. ACM Journal of Experimental Algorithmics 11, 2006.)
    class Ranks
      # @param size [Integer] nodes, known by their numbers from 0
      def initialize(size)
        @rank = Array.new(size, &:itself)
        @onward = Array.new(size) { [] }
        @back = Array.new(size) { [] }
      end

      # @return [Boolean] whether the edge stands; false where a way leads back already, and from a node to itself
      def add?(from, to)
        return false if from == to || !(@rank[from] < @rank[to] || moved?(from, to))

        @onward[from] << to
        @back[to] << from
        true
      end

      private

      def moved?(from, to)
        above = met(to, @onward) { |node| @rank[node] <= @rank[from] }
        return false if above.include?(from)

        below = met(from, @back) { |node| @rank[node] >= @rank[to] }
        moving = [below, above].flat_map { |nodes| nodes.sort_by { |node| @rank[node] } }
        moving.map { |node| @rank[node] }.sort.zip(moving) { |rank, node| @rank[node] = rank }
        true
      end

      # @return [Array<Integer>] what a walk meets that goes no farther than the block allows
      def met(start, ways)
        seen = { start => true }
        queue = [start]
        queue.each { |node| ways[node].each { |other| queue << other if !seen.key?(other) && yield(other) && (seen[other] = true) } }
      end
    end
  end
end
