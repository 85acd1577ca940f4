# frozen_string_literal: true

module GreenPlinth
  module Batching
    # Keeps of each step's waits those that mean something: several reasons to wait for the same step become the
    # longest wait, and a wait that follows from others is left out, so that "waits for" can be read.
    class Reduction
      STRONGEST = { wish: 0, must: 1, school: 2, advice: 3 }.freeze
      # Of two reasons that ask for the same wait, the one that only says what lies on what is told last.
      LEAST_TELLING = "order/laid_on"

      def initialize(steps)
        @steps = steps
        @by_id = steps.to_h { |step| [step.id, step] }
      end

      # @return [Array<Steps::Step>] the same steps, in an order that respects their waits
      def call
        @steps.each { |step| step.after = tightest(step.after) }
        sorted = in_order
        @places = sorted.each_with_index.to_h { |step, place| [step.id, place] }
        detours = detours(sorted)
        sorted.each_with_index do |step, place|
          step.after = step.after.reject { |wait| implied?(wait, detours[place]) }.freeze
          step.freeze
        end
      end

      private

      def tightest(waits)
        waits.group_by(&:first).map do |_, group|
          best = group.min_by { |wait| [-wait.at_least_min, STRONGEST[wait.strength], wait.code == LEAST_TELLING ? 1 : 0] }
          best.lasting(best.at_least_min, group.filter_map(&:at_most_min).min)
        end
      end

      def in_order
        graph = Graph.new(@steps.map(&:id))
        @steps.each { |step| step.after.each { |wait| graph.add(wait.first, step.id) } }
        graph.order.map { |id| @by_id[id] }
      end

      # The least minutes from one step's finish to another's start by any way of two or more waits: for the step at each place in the
      # order, by the place of the other.
      # @return [Array<Hash{Integer => Integer}>]
      def detours(sorted)
        ways = []
        sorted.map do |step|
          mine = {}
          step.after.each do |wait|
            first = @places[wait.first]
            more = sorted[first].hands_on_min + wait.at_least_min
            ways[first].each do |place, lag|
              known = mine[place]
              mine[place] = lag + more if known.nil? || lag + more > known
            end
          end
          ways << straight(step, mine)
          mine
        end
      end

      # The same by any way at all.
      def straight(step, detours)
        step.after.each_with_object(detours.dup) do |wait, all|
          first = @places[wait.first]
          all[first] = [all[first] || 0, wait.at_least_min].max
        end
      end

      def implied?(wait, detours)
        return false if wait.at_most_min || wait.strength == :wish

        way = detours[@places[wait.first]]
        !way.nil? && way >= wait.at_least_min
      end
    end
  end
end
