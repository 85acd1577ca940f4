# frozen_string_literal: true

module GreenPlinth
  module Steps
    # From a design to its works in order: expanded, ordered by the rules, merged. Holds what the order of work and its snags
    # are told from.
    class OrderOfWork
      attr_reader :works, :waits, :conflicts

      # @return [Array<Class>] rules that broke down
      attr_reader :missing

      # @param works [Array<Work>] as expanded
      # @param places [Places] theirs
      # @param design [Design] theirs
      # @param ruling [Ruling] that serves them
      def initialize(works, places, design, ruling)
        merged = Merged.new(works, ruling.home)
        waits, @conflicts = ruling.of(works, places, design)
        @works = merged.works
        @waits = merged.waits(waits)
        @missing = ruling.missing
      end

      # @return [Array] what makes it what it is: of two with the same, either is as good
      def fields
        told = ->(wait) { [wait.first.id, wait.later.id, *wait.to_a.drop(2)] }
        [@works.map(&:fields), @waits.map(&told), @conflicts.map { |one| [told[one.wait], (one.path || []).map(&told)] }, @missing]
      end
    end
  end
end
