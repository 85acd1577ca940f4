# frozen_string_literal: true

module GreenPlinth
  module Steps
    # What the rules and the maker's wishes make of works: which wait for which, and which become one. Works are told by their
    # places in the list, so that a ruling serves all that the rules cannot tell from these: where something dries longer, how long it
    # is waited for is asked anew, and nothing else.
    class Ruling
      # missing: rules that broke down; home: for each work, the place of the one that it becomes one with, its own where it stays by
      # itself.
      attr_reader :missing, :home

      # @param works [Array<Work>]
      # @param places [Places]
      # @param design [Design]
      # @param ruled [Array] see .ruled
      def initialize(works, places, design, ruled = Ruling.ruled(works, design))
        @works, @places, @design, @ruled = works, places, design, ruled
        @missing = []
        precedence = ordered
        @home = Merging.new(works, precedence).home
        @number = {}.compare_by_identity.merge!(works.each_with_index.to_h)
        @waits = precedence.waits.map { |wait| numbered(wait) }
        @conflicts = precedence.conflicts.map { |one| Precedence::Conflict.new(numbered(one.wait), one.path&.map { |wait| numbered(wait) }) }
        @timed = works.object_id
        @works = @design = @number = nil
      end

      # @param ruled [Array] see .ruled
      # @return [Boolean] whether the rules would say the same of others
      def serves?(ruled, places) = @ruled == ruled && @places.answered_alike?(places)

      # @param works [Array<Work>] that it serves
      # @param places [Places] theirs
      # @param design [Design] theirs
      # @return [Array(Array<Wait>, Array<Precedence::Conflict>)] waits between places in the list, and conflicts between the works
      def of(works, places, design)
        rules = works.object_id == @timed ? {} : Rules::Rule.all.to_h { |rule| [rule.code, rule.new(works, places, design)] }
        timed = ->(wait) { lasting(wait, rules[wait.code], works) }
        conflicts = @conflicts.map do |one|
          Precedence::Conflict.new(between(timed[one.wait], works), one.path&.map { |wait| between(timed[wait], works) })
        end
        [@waits.map(&timed), conflicts]
      end

      # @return [Wait] as long as these works ask for
      def lasting(wait, rule, works)
        return wait unless rule

        Failures.guard("the rule #{wait.code}", wait) { wait.lasting(*rule.lasting(works[wait.first], works[wait.later])) }
      end
      private :lasting

      PLACED = %w[at_mm turn_deg outline footprint height_mm mass_g].freeze
      private_constant :PLACED

      class << self
        # What rules look at to say what comes first: of a work, all but how much there is of it and how long it dries; of its part, all
        # but where it lies, which its places tell.
        # @param works [Array<Work>]
        # @return [Array] to be compared
        def ruled(works, design)
          [design.schools.to_h, design.groups.map(&:members), Wishes.new(design, works).fields, row(works), alike(works),
            works.map { |work| [*work.ruled, part(work.part)] }]
        end

        private

        # How many of those that stand in a row are farther left than each.
        def row(works)
          across = works.select { |work| work.does?("in_a_row") }.map { |work| work.part.middle[0] }
          across.map { |x| across.count { |other| other < x } }
        end

        # Which of them are laid as thick as which: for each the first of those.
        def alike(works)
          firsts = {}
          works.each_with_index.map { |work, at| firsts[work.stages.thickness_mm] ||= at }
        end

        def part(part)
          return [part.pointer, part.data["kind"]] unless part.is_a?(Design::Feature) || part.is_a?(Design::Subject)

          [part.pointer, part.data.except(*PLACED)]
        end
      end

      private

      # The maker's pile and wishes stand first, then what must be, then schools, then advice.
      def ordered
        by_strength = (Rules::Rule.all - [Rules::LaidOn]).flat_map { |rule| waits_of(rule) }.group_by(&:strength)
        own = waits_of(Rules::LaidOn) + Wishes.new(@design, @works).waits
        Precedence.new(@works).tap do |precedence|
          [own, *by_strength.values_at(*Rules::Rule::STRENGTHS)].compact.each { |group| group.each { |wait| precedence.add(wait) } }
        end
      end

      def waits_of(rule)
        waits = Failures.guard("the rule #{rule.code}", nil) { rule.new(@works, @places, @design).waits }
        @missing << rule unless waits
        waits || []
      end

      def numbered(wait) = wait.between(@number.fetch(wait.first), @number.fetch(wait.later))
      def between(wait, works) = wait.between(works[wait.first], works[wait.later])
    end
  end
end
