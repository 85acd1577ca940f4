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
        even = planned(plain)
        @known = starts
        return steps if steps && planned(steps).ready_at <= even.ready_at - WORTH_IT_MIN

        @known = nil
        plain
      rescue Infeasible
        steps || plain
      end

      def planned(steps) = Schedule::Scheduler.new(network_of(steps), effort: :quick).call

      def portions(batches)
        Portions.new(@design.calendar.sittings&.map { |from, to| to - from }&.max, @design.copies, @catalogue, batches: batches)
      end

      def fitted(works, constraints, batches)
        portions = portions(batches)
        made = works.to_h { |work| [work.object_id, portions.of(work)] }
        in_step(constraints, made, portions)
        constraints.each { |constraint| bind(constraint, made) }
        made.each_value { |steps| in_turn(steps) if @design.copies > 1 }
        steps = made.values.flatten
        Reduction.new(steps).call
      end

      # Work that must follow within a window is cut into as many parts as the work it follows: part by part.
      def in_step(constraints, made, portions)
        constraints.select(&:at_most_min).each do |constraint|
          pair = [constraint.first, constraint.later]
          count = pair.map { |work| made[work.object_id].size }.max
          loop do
            pair.each { |work| made[work.object_id] = portions.of(work, least: count) if made[work.object_id].size < count }
            count += 1
            break if count > @design.copies || in_time?(constraint, *pair.map { |work| made[work.object_id] })
          end
        end
      end

      # Batches of one work follow each other, first copies first: what flows after them counts on it.
      def in_turn(batches)
        batches.each_cons(2) do |one, other|
          next if one.copies == other.copies

          other.after << Step::After.new(step: one.id, at_least_min: 0, at_most_min: nil, code: "order/in_turn", strength: :advice,
            why: "bases are taken in turn, so that none waits longer than the next")
        end
      end

      # Whether a batch is small enough for its first copy not to miss the window while its last is in hand.
      def in_time?(constraint, firsts, laters)
        firsts.zip(laters).all? do |first, later|
          next true unless later && flows?(first, later)

          flow = Flow.new(first, later)
          flow.at_most(constraint.at_most_min) >= flow.at_least(constraint.at_least_min)
        end
      end

      def flows?(first, later) = @design.copies > 1 && (first.copies.size > 1 || later.copies.size > 1)

      def bind(constraint, made)
        firsts = made[constraint.first.object_id]
        made[constraint.later.object_id].each_with_index do |later, at|
          firsts.each_with_index do |first, index|
            next unless overlap?(first.copies, later.copies)
            next if constraint.at_most_min && firsts.size > 1 && index != at

            later.after << after(constraint, first, later)
          end
        end
      end

      def after(constraint, first, later)
        least, most = constraint.at_least_min, constraint.at_most_min
        if flows?(first, later)
          flow = Flow.new(first, later)
          least = flow.at_least(least)
          most &&= [flow.at_most(most), least].max
        end
        Step::After.new(step: first.id, at_least_min: least, at_most_min: most, code: constraint.code, strength: constraint.strength, why: constraint.why)
      end

      def overlap?(a, b) = a.min <= b.max && b.min <= a.max
    end
  end
end
