# frozen_string_literal: true

module GreenPlinth
  module Steps
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

      # @return [Array<Step>] the same steps, in an order that respects their waits
      def call
        @steps.each { |step| step.after = tightest(step.after) }
        sorted = sort
        longest = lags(sorted)
        sorted.each { |step| step.after = step.after.reject { |after| implied?(step, after, longest) }.freeze }
        sorted.each(&:freeze)
      end

      private

      def tightest(afters)
        afters.group_by(&:step).map do |_, group|
          best = group.min_by { |after| [-after.at_least_min, STRONGEST[after.strength], after.code == LEAST_TELLING ? 1 : 0] }
          most = group.filter_map(&:at_most_min).min
          best.dup.tap { |after| after.at_most_min = most }
        end
      end

      def sort
        waiting = @steps.to_h { |step| [step.id, step.after.map(&:step)] }
        following = Hash.new { |hash, id| hash[id] = [] }
        waiting.each { |id, firsts| firsts.each { |first| following[first] << id } }
        left = waiting.transform_values(&:size)
        ready = @steps.select { |step| left[step.id].zero? }
        out = []
        while (step = ready.shift)
          out << step
          following[step.id].each { |id| ready << @by_id[id] if (left[id] -= 1).zero? }
        end
        out
      end

      # The least minutes from one step's finish to another's start by any way of two or more waits.
      def lags(sorted)
        sorted.each_with_object({}) do |step, all|
          mine = {}
          step.after.each do |after|
            (all[after.step][:whole]).each do |id, lag|
              way = lag + @by_id[after.step].hands_on_min + after.at_least_min
              mine[id] = way if way > (mine[id] || -1)
            end
          end
          whole = mine.dup
          step.after.each { |after| whole[after.step] = [whole[after.step] || 0, after.at_least_min].max }
          all[step.id] = { detour: mine, whole: whole }
        end
      end

      def implied?(step, after, longest)
        return false if after.at_most_min || after.strength == :wish

        way = longest[step.id][:detour][after.step]
        !way.nil? && way >= after.at_least_min
      end
    end
  end
end
