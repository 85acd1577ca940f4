# frozen_string_literal: true

module GreenPlinth
  # What comes before what: things as nodes, in a given order, and edges from each to what follows it, each edge with
  # whatever it stands for. Nodes are told apart by being the same object or, as ids are, equal strings. (The standard
  # library's TSort goes as deep as the longest chain is long: two thousand steps in a row are too many for it.)
  class Graph
    attr_reader :nodes

    # @param nodes [Array<Object>]
    def initialize(nodes)
      @nodes = nodes
      @place = nodes.first.is_a?(String) ? {} : {}.compare_by_identity
      nodes.each_with_index { |node, place| @place[node] = place }
      @onward = Array.new(nodes.size) { [] }
      @labels = Array.new(nodes.size) { [] }
      @waiting = Array.new(nodes.size, 0)
      @root = nodes.each_index.to_a
      @gone = 0
    end

    # @param label [Object] what the edge stands for
    # @return [void]
    def add(from, to, label = nil)
      a, b = place(from), place(to)
      @onward[a] << b
      @labels[a] << label
      @waiting[b] += 1
      return unless @above

      a, b = root(a), root(b)
      close(a, b) if @above[b][a].zero?
    end

    # @return [Integer] a node's place among the nodes
    def place(node) = @place.fetch(node)

    # @return [Array<Array<Integer>>] for the node at each place, the places of what follows it, once per edge
    def followers = @onward

    # @return [Array, nil] the nodes, each after all that come before it, as early as that allows, and in the order given
    #   where nothing else decides; nil where some come before each other in a circle
    def order
      places = in_turn
      places.map { |place| nodes[place] } if places.size == nodes.size
    end

    # @return [Boolean] whether a way leads from one node to another; every node comes before itself
    def before?(from, to) = above[root(place(to))][root(place(from))] == 1

    # @return [Array<Object>, nil] labels of the fewest edges that lead from one node to another; nil where none do
    def path(from, to) = way(place(from), place(to))&.map { |a, edge| @labels[a][edge] }

    # @return [Array<Object>, nil] the nodes of the shortest circle, each before the next; nil where there is none
    def shortest_circle
      left = @nodes.each_index.to_a - in_turn
      left.filter_map { |one| circle(one) }.min_by(&:size)&.map { |place| nodes[place] }
    end

    # Takes two nodes as one from here on: what comes before or after either comes before or after both.
    # @return [void]
    def unite(one, other)
      a, b = root(place(one)), root(place(other))
      return if a == b

      up, down = [above, below].map { |sides| sides.values_at(a, b) }
      @root[b] = a
      @gone |= 1 << b
      join(@above, down, up)
      join(@below, up, down)
    end

    private

    # The place of the node that stands for all that it was united with.
    def root(place)
      place = @root[place] until @root[place] == place
      place
    end

    # What follows one of two that are united, and not the other, is told of what came before the other; and the other way
    # about. What has been united into another counts no more.
    def join(sides, (one, other), (of_one, of_other))
      each_bit(one & ~other & ~@gone) { |at| sides[at] |= of_other }
      each_bit(other & ~one & ~@gone) { |at| sides[at] |= of_one }
    end

    # @return [Array<Integer>] places of all that come to have a turn
    def in_turn
      left = @waiting.dup
      turn = left.each_index.select { |place| left[place].zero? }
      turn.each { |place| @onward[place].each { |later| turn << later if (left[later] -= 1).zero? } }
    end

    # All that comes before each node, itself included, as bits; and all that comes after.
    def above
      closed unless @above
      @above
    end

    def below
      closed unless @below
      @below
    end

    # Each after all that comes before it, where no circle keeps some from having a turn.
    def closed
      @above, @below = Array.new(2) { Array.new(nodes.size) { |at| 1 << at } }
      turn = in_turn
      return @onward.each_with_index { |later, a| later.each { |b| close(a, b) if @above[b][a].zero? } } if turn.size < nodes.size

      turn.each { |a| @onward[a].each { |b| @above[b] |= @above[a] } }
      turn.reverse_each { |a| @below[a] = @onward[a].reduce(@below[a]) { |bits, b| bits | @below[b] } }
    end

    def close(a, b)
      gained, lost = @above[a], @below[b]
      each_bit(lost) { |at| @above[at] |= gained }
      each_bit(gained) { |at| @below[at] |= lost }
    end

    # A machine word at a time: whole numbers of hundreds of bits are made anew by each operation.
    WORD = 62
    private_constant :WORD

    def each_bit(bits)
      bits.digits(1 << WORD).each_with_index do |word, at|
        while word.positive?
          lowest = word & -word
          yield (at * WORD) + lowest.bit_length - 1
          word ^= lowest
        end
      end
    end

    # Breadth first.
    # @return [Array<Array(Integer, Integer)>, nil] each edge as the place it leads from and which of its edges it is
    def way(from, to)
      return [] if from == to

      came = { from => nil }
      queue = [from]
      queue.each do |a|
        @onward[a].each_with_index do |b, edge|
          next if came.key?(b)

          came[b] = [a, edge]
          return traced(came, to) if b == to

          queue << b
        end
      end
      nil
    end

    def traced(came, to)
      edges = []
      while (edge = came[to])
        edges.unshift(edge)
        to = edge.first
      end
      edges
    end

    # @return [Array<Integer>, nil] the shortest way from a node back to itself, which comes last
    def circle(one)
      ways = @onward[one].uniq.filter_map { |following| way(following, one) }
      ways.min_by(&:size)&.then { |edges| [*edges.map(&:first), one] }
    end
  end
end
