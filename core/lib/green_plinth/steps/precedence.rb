# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Which work must precede which: constraints taken in one by one, strongest claim first. One that would close a
    # circle is not taken in but kept as a conflict, with the path it runs against.
    class Precedence
      # A constraint that could not stand, and the constraints that lead the other way, in order.
      Conflict = Struct.new(:constraint, :path)

      attr_reader :constraints, :conflicts

      def initialize(works)
        @index = works.each_with_index.to_h { |work, at| [work.object_id, at] }
        @works = works
        # What comes before and after each work, itself included, as bits.
        @above = Array.new(works.size) { |at| 1 << at }
        @below = @above.dup
        @edges = Hash.new { |hash, at| hash[at] = [] }
        @constraints = []
        @conflicts = []
      end

      # @param constraint [Rules::Constraint]
      def add(constraint)
        from = at(constraint.first)
        to = at(constraint.later)
        return @conflicts << Conflict.new(constraint, path(to, from)) if @above[from][to] == 1

        @constraints << constraint
        @edges[from] << constraint
        link(from, to) if @above[to][from].zero?
      end

      private

      def at(work) = @index.fetch(work.object_id)

      def link(from, to)
        gained = @above[from]
        lost = @below[to]
        each_bit(lost) { |at| @above[at] |= gained }
        each_bit(gained) { |at| @below[at] |= lost }
      end

      def each_bit(bits)
        while bits.positive?
          lowest = bits & -bits
          yield lowest.bit_length - 1
          bits ^= lowest
        end
      end

      # The shortest chain of constraints from one work to another.
      def path(from, to)
        queue = [[from, []]]
        seen = { from => true }
        while (node, so_far = queue.shift)
          return so_far if node == to

          @edges[node].each do |constraint|
            following = at(constraint.later)
            next if seen[following]

            seen[following] = true
            queue << [following, so_far + [constraint]]
          end
        end
        []
      end
    end
  end
end
