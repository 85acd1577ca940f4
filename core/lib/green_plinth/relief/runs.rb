# frozen_string_literal: true

module GreenPlinth
  module Relief
    # Unbroken stretches of a stratum along the cut. A sample apart from the last begins a new one.
    class Runs
      def initialize
        @runs = []
      end

      def add(s, bottom, top)
        @runs << [] if @runs.empty? || s - @runs.last.last[0] > gap
        @runs.last << [s.round(3), bottom.round(3), top.round(3)]
        @spacing ||= @runs.last[1][0] - @runs.last[0][0] if @runs.last.size == 2
      end

      def to_a = @runs

      private

      def gap = (@spacing || Float::INFINITY) * 1.5
    end
  end
end
