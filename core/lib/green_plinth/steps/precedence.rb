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
        @waits = []
        @conflicts = []
      end

      # @param wait [Wait] between two works
      def add(wait)
        return @conflicts << Conflict.new(wait, @graph.path(wait.later, wait.first)) if @graph.before?(wait.later, wait.first)

        @waits << wait
        @graph.add(wait.first, wait.later, wait)
      end
    end
  end
end
