# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Whether everything can be ready by a moment at all: each step lies in some sitting from its earliest to its latest; where the
    # steps that must lie within some sittings are more work than those have room for, it cannot; and a step for which they leave no
    # room lies outside of them (energetic reasoning; Baptiste, Le Pape and Nuijten 2001, "Constraint-Based Scheduling", chapter 3).
    class Deadline
      # Rounds in which earliest and latest push each other, before what they have come to is taken.
      ROUNDS = 6
      # Sittings that are looked at; those of a network that lasts longer would take too long.
      MOST_SITTINGS = 150

      # The moment before which nothing can be ready, searched between two others.
      # @param least [Integer] minute, known to be such a moment
      # @param ready [Integer] minute at which a plan is ready
      # @return [Integer] minute
      def self.bound(network, heads, least, ready)
        deadline = within_reach(network, heads, ready) or return least
        return ready if deadline.impossible?(ready - 1)

        # The first minute that is not proven to be impossible.
        (least...ready).bsearch { |by| !deadline.impossible?(by) } || ready
      end

      # @param ready [Integer] minute at which a plan is ready
      # @return [Boolean] whether it is proven that none is ready sooner
      def self.met?(network, heads, ready) = within_reach(network, heads, ready)&.impossible?(ready - 1) || false

      def self.within_reach(network, heads, ready)
        new(network, heads) if network.sittings && network.sittings.count { |from, _| from < ready } <= MOST_SITTINGS
      end
      private_class_method :within_reach

      # @param heads [Hash{String => Integer}] how early each step can be
      def initialize(network, heads)
        @network = network
        @shares = Shares.of(network)
        @ahead = Heads.new(network, @shares)
        @heads = @ahead.call(heads)
        @steps = network.steps.reject { |step| step.at || step.hands_on_min.zero? }
        @ends = network.open_ends
        @counted = @shares.to_h { |share| [share, @steps.map { |step| share.of(step) }] }
      end

      # @param by [Integer] minute
      # @return [Boolean] whether it is proven that nothing can be ready by then
      def impossible?(by)
        heads = @heads or return true
        turned = @network.mirrored(by)
        back = Heads.new(turned, Shares.of(turned))
        latest = turned_round(by)
        ROUNDS.times do
          latest = back.call(latest) or return true
          heads = @ahead.call(heads) or return true
          before = [heads, latest].map(&:dup)
          return true unless placed(heads, latest)
          return false if before == [heads, latest]
        end
        false
      end

      private

      # In the mirrored network a step begins when it is finished in this one.
      def turned_round(by) = @network.steps.to_h { |step| [step.id, -@network.earlier(by, step.tail_min)] }

      # Moves earliest and latest to where there is room.
      # @return [Boolean] false where there is none
      def placed(heads, latest)
        first = @steps.map { |step| sitting(heads[step.id]) }
        last = @steps.map { |step| sitting(-latest[step.id] - step.hands_on_min) }
        return false if first.zip(last).any? { |from, to| from > to }

        @shares.all? { |share| Fullness.new(share, @counted[share], first, last).tighten } or return false
        @steps.each_with_index do |step, at|
          heads[step.id] = [heads[step.id], @network.open[first[at]][0]].max
          latest[step.id] = [latest[step.id], -@ends[last[at]]].max
        end
        true
      end

      # @return [Integer] index of the one that is open then, or opens next
      def sitting(minute) = @ends.bsearch_index { |to| to > minute } || @ends.size

      # How full sittings are: the room that they leave for work which does not have to lie within them.
      class Fullness
        # @param share [Shares]
        # @param work [Array<Integer>] of each step, counted by the share
        # @param first [Array<Integer>] index of the first sitting for each step, moved on in place
        # @param last [Array<Integer>] of the last
        def initialize(share, work, first, last)
          @share = share
          @work = work
          @first = first
          @last = last
          @from = first.min || 0
          @size = (last.max || 0) - @from + 1
        end

        # @return [Boolean] false where some sittings are too full
        def tighten
          left = room_left
          return false if left.any? { |row| row.any? { |room| room && room.negative? } }

          later(least_from_earlier(left))
          sooner(least_to_later(left))
          @first.zip(@last).all? { |from, to| from <= to }
        end

        private

        # @return [Array<Array<Integer, nil>>] minutes left in the sittings from one (row) to another (column)
        def room_left
          within = Array.new(@size) { Array.new(@size, 0) }
          @work.each_with_index { |minutes, at| within[@first[at] - @from][@last[at] - @from] += minutes }
          (@size - 1).downto(0) do |row|
            sum = 0
            (row...@size).each do |column|
              sum += within[row][column]
              within[row][column] = sum + (row + 1 <= column ? within[row + 1][column] : 0)
            end
          end
          within.each_with_index.map do |sums, row|
            sums.each_with_index.map { |sum, to| to < row ? nil : @share.room(@from + row, @from + to) - sum }
          end
        end

        # The least room left of all stretches that begin in a sitting or before it, by where they end.
        def least_from_earlier(left)
          left.each_with_object([]) do |row, rows|
            rows << (rows.empty? ? row : row.zip(rows.last).map { |pair| pair.compact.min })
          end
        end

        # The least room left of all stretches that end in a sitting or after it, by where they begin.
        def least_to_later(left)
          (@size - 1).downto(0).each_with_object({}) do |to, columns|
            after = columns[to + 1]
            columns[to] = (0..to).map { |from| [left[from][to], after && after[from]].compact.min }
          end
        end

        def later(least)
          @work.each_with_index do |minutes, at|
            next if minutes.zero?

            from, to = @first[at] - @from, @last[at] - @from
            full = (to - 1).downto(from).find { |column| least[from][column] < minutes }
            @first[at] = full + @from + 1 if full
          end
        end

        def sooner(least)
          @work.each_with_index do |minutes, at|
            next if minutes.zero?

            from, to = @first[at] - @from, @last[at] - @from
            next if from >= to

            full = ((from + 1)..to).find { |row| least[to][row] < minutes }
            @last[at] = full + @from - 1 if full
          end
        end
      end
      private_constant :Fullness
    end
  end
end
