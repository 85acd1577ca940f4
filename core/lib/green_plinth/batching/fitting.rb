# frozen_string_literal: true

module GreenPlinth
  module Batching
    # Works and what binds them, as steps that fit into sittings: parts and batches wait for the parts and batches they need,
    # those that must follow within a window step by step.
    class Fitting
      # @param works [Array<Work>]
      # @param waits [Array<Wait>] between them
      # @param copies [Integer]
      # @param portions [Portions]
      def initialize(works, waits, copies, portions)
        @waits = waits
        @copies = copies
        @portions = portions
        @made = works.to_h { |work| [work.object_id, portions.of(work)] }
      end

      # @return [Array<Step>] in an order that respects their waits
      def steps
        in_step
        @waits.each { |wait| bind(wait) }
        @made.each_value { |steps| in_turn(steps) if @copies > 1 }
        Reduction.new(@made.values.flatten).call
      end

      private

      # Work that must follow within a window is cut into as many parts as the work it follows: part by part.
      def in_step
        @waits.select(&:at_most_min).each do |wait|
          pair = [wait.first, wait.later]
          count = pair.map { |work| @made[work.object_id].size }.max
          loop do
            pair.each { |work| @made[work.object_id] = @portions.of(work, least: count) if @made[work.object_id].size < count }
            count += 1
            break if count > @copies || in_time?(wait, *pair.map { |work| @made[work.object_id] })
          end
        end
      end

      # Batches of one work follow each other, first copies first: what flows after them counts on it.
      def in_turn(batches)
        batches.each_cons(2) do |one, other|
          next if one.copies == other.copies

          other.after << Wait.new(first: one.id, later: other.id, at_least_min: 0, code: "order/in_turn", strength: :advice,
            why: "bases are taken in turn, so that none waits longer than the next")
        end
      end

      # Whether a batch is small enough for its first copy not to miss the window while its last is in hand.
      def in_time?(wait, firsts, laters)
        firsts.zip(laters).all? do |first, later|
          next true unless later && flows?(first, later)

          flow = Flow.new(first, later)
          flow.at_most(wait.at_most_min) >= flow.at_least(wait.at_least_min)
        end
      end

      def flows?(first, later) = @copies > 1 && (first.copies.size > 1 || later.copies.size > 1)

      def bind(wait)
        firsts = @made[wait.first.object_id]
        @made[wait.later.object_id].each_with_index do |later, at|
          firsts.each_with_index do |first, index|
            next unless @copies == 1 || overlap?(first.copies, later.copies)
            next if wait.at_most_min && firsts.size > 1 && index != at

            later.after << flowing(wait, first, later)
          end
        end
      end

      # The same wait between two steps of the two works.
      def flowing(wait, first, later)
        between = wait.between(first.id, later.id)
        return between unless flows?(first, later)

        flow = Flow.new(first, later)
        least = flow.at_least(wait.at_least_min)
        between.lasting(least, wait.at_most_min && [flow.at_most(wait.at_most_min), least].max)
      end

      def overlap?(a, b) = a.min <= b.max && b.min <= a.max
    end
  end
end
