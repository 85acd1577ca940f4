# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # The sittings an answer uses, with the steps done in each. Where the bench is always open, work that follows on
    # without a long break counts as one sitting.
    module Sittings
      # A pause longer than this parts two sittings on an always open bench, minutes.
      BREAK_MIN = 60

      Sitting = Struct.new(:from, :to, :steps)

      module_function

      # @param answer [Answer]
      # @return [Array<Sitting>] in order, empty ones left out
      def of(answer)
        steps = answer.network.steps.reject(&:done?).map(&:id).sort_by { |id| [answer.start(id), answer.finish(id)] }
        answer.network.sittings ? within(answer, steps) : runs(answer, steps)
      end

      # Pinned work may lie outside every sitting: it makes one of its own.
      def within(answer, steps)
        sittings = answer.network.sittings
        steps.group_by { |id| sitting_of(id, answer, sittings) }.map { |span, ids| Sitting.new(*span, ids) }.sort_by(&:from)
      end

      def sitting_of(id, answer, sittings)
        start, finish = answer.start(id), answer.finish(id)
        sitting = sittings[sittings.bsearch_index { |_, to| to > start } || (sittings.size - 1)]
        own = sitting.nil? || (answer.network.by_id[id].at && (start < sitting[0] || finish > sitting[1]))
        own ? [start, finish] : sitting
      end
      private_class_method :sitting_of
      private_class_method :within

      def runs(answer, steps)
        steps.each_with_object([]) do |id, all|
          if all.empty? || answer.start(id) - all.last.to > BREAK_MIN
            all << Sitting.new(answer.start(id), answer.finish(id), [id])
          else
            all.last.steps << id
            all.last.to = [all.last.to, answer.finish(id)].max
          end
        end
      end
      private_class_method :runs
    end
  end
end
