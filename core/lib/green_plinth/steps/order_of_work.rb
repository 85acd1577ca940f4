# frozen_string_literal: true

module GreenPlinth
  module Steps
    # From a design to its steps: expand, order by the rules, merge, fit into sittings. Holds what the order of work
    # and the snags are told from.
    class OrderOfWork
      # Uneven batches must be ready so much sooner than even ones to be worth it, minutes.
      WORTH_IT_MIN = 120

      attr_reader :steps, :conflicts

      # @param design [Design]
      # @param terrain [Relief::Terrain]
      # @param pools [Array<Water::Pool>]
      def initialize(design, catalogue, terrain, pools)
        @design = design
        @catalogue = catalogue
        expansion = Expansion.new(design, catalogue, terrain, pools)
        @works = expansion.works
        @places = expansion.places
        @steps = laid_out(*Merging.new(@works, ordered).call).freeze
      end

      # @return [Schedule::Network]
      def network = network_of(steps)

      private

      def network_of(steps)
        Schedule::Network.new(
          start: [@design.calendar.start, *@design.progress.done.values].min, sittings: @design.calendar.sittings, hands: @design.calendar.hands,
          steps: steps.map { |step| node(step) }, known: @known, clock: @design.calendar.clock
        )
      end

      # What is done waits for nothing any more and takes no hands.
      def node(step)
        progress = @design.progress
        finished = progress.done[step.id]
        return Schedule::Node.new(id: step.id, hands_on_min: 0, tail_min: step.tail_min || 0, after: [], at: finished) if finished

        Schedule::Node.new(id: step.id, hands_on_min: step.hands_on_min, tail_min: step.tail_min || 0, at: progress.pinned[step.id],
          not_before: progress.as_of, stay_min: step.stay_min,
          after: step.after.map { |after| Schedule::Link.new(after.step, after.at_least_min, after.at_most_min) })
      end

      # The maker's pile and wishes stand first, then what must be, then schools, then advice.
      def ordered
        precedence = Precedence.new(@works)
        by_strength = (Rules::Rule.all - [Rules::LaidOn]).flat_map { |rule| rule.new(@works, @places, @design, @catalogue).constraints }
                                                           .group_by(&:strength)
        own = Rules::LaidOn.new(@works, @places, @design, @catalogue).constraints + Wishes.new(@design, @works).constraints
        [own, *by_strength.values_at(*Rules::Rule::STRENGTHS)].compact.each { |group| group.each { |one| precedence.add(one) } }
        @conflicts = precedence.conflicts
        precedence.constraints
      end

      # One base as it is. Of many, long work goes in the batches that suit the sittings, where that is ready sooner.
      def laid_out(works, constraints)
        return fitted(works, constraints, {}) if @design.copies == 1

        line = AssemblyLine.new(works, @design.copies, @design.calendar.sittings, portions({}), @design.progress)
        plain = fitted(works, constraints, line.begun)
        line.fine == line.begun ? plain : sooner(plain, by_sittings(works, constraints, line))
      end

      # @return [Array(Array<Step>, Hash)] steps and the starts they had when they were planned finely
      def by_sittings(works, constraints, line)
        fine = fitted(works, constraints, line.fine)
        answer = planned(fine)
        steps = fitted(works, constraints, line.joined(fine, answer))
        [steps, line.starts(steps, fine, answer)]
      rescue Infeasible
        nil
      end

      def sooner(plain, (steps, starts))
        return plain unless steps

        even = ready_at(plain)
        @known = starts
        return steps if even.nil? || (ready_at(steps) || even) <= even - WORTH_IT_MIN

        @known = nil
        plain
      end

      # @return [Integer, nil] nil where no schedule was found
      def ready_at(steps)
        planned(steps).ready_at
      rescue Infeasible
        nil
      end

      def planned(steps) = Schedule::Scheduler.new(network_of(steps), effort: :quick).call

      def portions(batches)
        Portions.new(@design.calendar.sittings&.map { |from, to| to - from }&.max, @design.copies, @catalogue, batches: batches)
      end

      def fitted(works, constraints, batches)
        Fitting.new(works, constraints, @design.copies, portions(batches)).steps
      end
    end
  end
end
