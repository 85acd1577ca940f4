# frozen_string_literal: true

module GreenPlinth
  module Steps
    # From a design to its steps: expand, order by the rules, merge, fit into sittings. Holds what the order of work
    # and the snags are told from.
    class OrderOfWork
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
        @steps = fitted(*Merging.new(@works, ordered).call).freeze
      end

      # @return [Schedule::Network]
      def network
        Schedule::Network.new(
          start: @design.calendar.start, sittings: @design.calendar.sittings, hands: @design.calendar.hands,
          steps: steps.map do |step|
            Schedule::Node.new(id: step.id, hands_on_min: step.hands_on_min, tail_min: step.tail_min || 0,
              after: step.after.map { |after| Schedule::Link.new(after.step, after.at_least_min, after.at_most_min) })
          end
        )
      end

      private

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

      def fitted(works, constraints)
        sittings = @design.calendar.sittings
        longest = sittings&.map { |from, to| to - from }&.max
        portions = Portions.new(longest, @design.copies, @catalogue)
        made = works.to_h { |work| [work.object_id, portions.of(work)] }
        in_step(constraints, made, portions)
        constraints.each { |constraint| bind(constraint, made) }
        steps = made.values.flatten
        Reduction.new(steps).call
      end

      # Work that must follow within a window is cut into as many parts as the work it follows: part by part.
      def in_step(constraints, made, portions)
        constraints.select(&:at_most_min).each do |constraint|
          pair = [constraint.first, constraint.later]
          count = pair.map { |work| made[work.object_id].size }.max
          pair.each { |work| made[work.object_id] = portions.of(work, least: count) if made[work.object_id].size < count }
        end
      end

      def bind(constraint, made)
        firsts = made[constraint.first.object_id]
        made[constraint.later.object_id].each_with_index do |later, at|
          firsts.each_with_index do |first, index|
            next unless overlap?(first.copies, later.copies)
            next if constraint.at_most_min && firsts.size > 1 && index != at

            later.after << Step::After.new(step: first.id, at_least_min: constraint.at_least_min, at_most_min: constraint.at_most_min,
              code: constraint.code, strength: constraint.strength, why: constraint.why)
          end
        end
      end

      def overlap?(a, b) = a.min <= b.max && b.min <= a.max
    end
  end
end
