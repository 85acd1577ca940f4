# frozen_string_literal: true

module GreenPlinth
  module Batching
    # How many copies to take at a time: long work over a batch is first planned copy by copy, wherever a sitting has room
    # or a coat has to dry; what then follows without a pause becomes one batch. Batches that a maker has done already stay as they were.
    class AssemblyLine
      # The least work worth setting up for, minutes (from memory), and the most batches of one work that the plan is tried with.
      LEAST_MIN = 25
      MOST = 40
      # @param works [Array<Work>]
      # @param sittings [Array<Array(Integer, Integer)>, nil]
      # @param portions [Portions]
      # @param progress [Design::Progress]
      def initialize(works, copies, sittings, portions, progress)
        @works = works
        @copies = copies
        @sittings = sittings
        @portions = portions
        @done = done_batches(progress)
      end

      # @return [Hash{String => Array<Range>}] copies of each batch, by work, where the maker has begun it
      def begun
        @done.to_h { |id, ranges| [id, whole(ranges, @copies, id)] }
      end

      # @return [Hash{String => Array<Range>}] small batches of whatever does not fit into every sitting whole
      def fine
        @fine ||= begun.merge(long_works.to_h { |work| [work.id, whole(@done[work.id] || [], size(work), work.id)] })
      end

      # @param steps [Array<Step>] laid out finely
      # @param answer [Schedule::Answer] their plan
      # @return [Hash{String => Array<Range>}] the same, joined where one follows the other without a pause, in the turn they are done in
      def joined(steps, answer)
        fine.to_h do |id, ranges|
          mine = steps.select { |step| step.id.start_with?("#{id}/bases-") && !@done[id]&.include?(step.copies) }
          runs = mine.sort_by { |step| answer.start(step.id) }.slice_when { |a, b| answer.finish(a.id) < answer.start(b.id) }
          [id, mine.empty? ? ranges : in_turn(@done[id] || [], runs.map { |run| run.sum { |step| step.copies.size } }, id)]
        end
      end

      # @return [Hash{String => Integer}] for each step the start that its first copy had in the fine plan
      def starts(steps, fine, answer)
        by_work = fine.group_by(&:work_id)
        steps.to_h { |step| [step.id, answer.start(by_work[step.work_id].find { |one| one.copies.cover?(step.copies.min) }.id)] }
      end

      private

      def shortest = @shortest ||= @sittings&.map { |from, to| to - from }&.min

      def long_works
        return [] unless @copies > 1 && shortest

        @works.select do |work|
          @portions.minutes(work, @portions.all(work).size) > shortest && @portions.minutes(work, 1) <= shortest && cheap_to_take_up?(work)
        end
      end

      # Setting up again and again must not eat up what it gains.
      def cheap_to_take_up?(work) = work.minutes || work.technique.setup_min <= LEAST_MIN / 5.0

      def size(work)
        enough = (LEAST_MIN / [work.each_min, 0.1].max).floor.clamp(1..)
        [enough, (@copies / MOST.to_f).ceil].max
      end

      # @return [Array<Integer>] the copies that a work is done on
      def all(id) = ((@bases ||= @works.to_h { |work| [work.id, @portions.all(work)] })[id] || (1..@copies)).to_a

      def done_batches(progress)
        progress.done.keys.select { |id| Events::Batch.copies(id) }.group_by { |id| Events::Batch.work(id) }
          .transform_values { |ids| ids.map { |id| Events::Batch.copies(id) } }
      end

      # What is done, and the rest in batches of a size.
      def whole(done, size, id) = (done + rest(done, size, id)).sort_by(&:min)

      # The copies in none of the ranges, in batches of so many at most.
      def rest(ranges, size, id)
        left = all(id) - ranges.flat_map(&:to_a)
        left.slice_when { |a, b| b != a + 1 }.flat_map { |run| run.each_slice(size).map { |copies| copies.first..copies.last } }
      end

      # The copies not done yet dealt out in batches of these sizes.
      def in_turn(done, sizes, id)
        left = all(id) - done.flat_map(&:to_a)
        dealt = sizes.flat_map { |size| left.shift(size).slice_when { |a, b| b != a + 1 }.map { |copies| copies.first..copies.last } }
        (done + dealt).sort_by(&:min)
      end
    end
  end
end
