# frozen_string_literal: true

module GreenPlinth
  module Steps
    # From a design to its works in order: expand, order by the rules, merge. Holds what the order of work and its snags
    # are told from.
    class OrderOfWork
      attr_reader :works, :waits, :conflicts

      # @return [Array<Class>] rules that broke down
      attr_reader :missing

      # @param design [Design]
      # @param terrain [Relief::Terrain]
      # @param pools [Array<Waters::Pool>]
      # @param overlaps [Plan::Overlaps] what is known of areas already
      def initialize(design, terrain, pools, overlaps = Plan::Overlaps.new)
        @design = design
        @missing = []
        expansion = Expansion.new(design, terrain, pools, overlaps)
        all = expansion.works
        precedence = ordered(all, expansion.places)
        @conflicts = precedence.conflicts
        @works, @waits = Merging.new(all, precedence).call
      end

      # @return [Array] what makes it what it is: of two with the same, either is as good
      def fields
        told = ->(wait) { [wait.first.id, wait.later.id, *wait.to_a.drop(2)] }
        [@works.map(&:fields), @waits.map(&told), @conflicts.map { |one| [told[one.wait], (one.path || []).map(&told)] }, @missing]
      end

      private

      # The maker's pile and wishes stand first, then what must be, then schools, then advice.
      def ordered(works, places)
        of = ->(rule) { waits_of(rule, works, places) }
        by_strength = (Rules::Rule.all - [Rules::LaidOn]).flat_map(&of).group_by(&:strength)
        own = of[Rules::LaidOn] + Wishes.new(@design, works).waits
        Precedence.new(works).tap do |precedence|
          [own, *by_strength.values_at(*Rules::Rule::STRENGTHS)].compact.each { |group| group.each { |wait| precedence.add(wait) } }
        end
      end

      def waits_of(rule, works, places)
        waits = Failures.guard("the rule #{rule.code}", nil) { rule.new(works, places, @design).waits }
        @missing << rule unless waits
        waits || []
      end
    end
  end
end
