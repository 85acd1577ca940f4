# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Which work must precede which: claims taken in one by one, strongest first. One that would close a circle is not
    # taken in but kept as a conflict, with the path it runs against.
    class Precedence
      # A wait that could not stand, and the waits that lead the other way, in order.
      Conflict = Struct.new(:wait, :path)

      # waits: those that stand; graph: the works with them as edges.
      attr_reader :waits, :conflicts, :graph

      # @param works [Array<Work>]
      def initialize(works)
        @graph = Graph.new(works)
        @ranks = Ranks.new(works.size)
        @waits = []
        @conflicts = []
      end

      # @param wait [Wait] between two works
      def add(wait)
        first, later = wait.first, wait.later
        unless @ranks.add?(@graph.place(first), @graph.place(later))
          return @conflicts << Conflict.new(wait, @graph.path(later, first))
        end

        @waits << wait
        @graph.add(first, later, wait)
      end
    end
  end
end
