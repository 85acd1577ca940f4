# frozen_string_literal: true

module GreenPlinth
  module Rules
    # One reason why some work comes before other work. A rule says which work it speaks of (`first?`, `later?`),
    # how strong it is, and how dry the first must be. Subclasses are one small file each and register themselves.
    class Rule
      STRENGTHS = %i[must school advice].freeze

      extend Registered
      found_in Rules

      class << self
        # Declares or reads the rule's code, e.g. "order/bed_dry".
        def code(value = nil) = value ? @code = value : @code

        # Declares or reads the one-line reason.
        def why(value = nil) = value ? @why = value : @why

        # Declares or reads :must, :school or :advice.
        def strength(value = nil) = value ? @strength = value : @strength

        # Declares that the rule says how long to wait, not what comes first: within one pile it binds as the maker laid it.
        def follows_the_pile = @follows_the_pile = true
        def follows_the_pile? = @follows_the_pile || false

        # Declares or reads what a work binds: :touching, what it meets; so many mm, what lies no farther from it; :part, what makes
        # one of the same parts; :pile, layers of the same pile; :anything.
        def binds(value = nil) = value ? @binds = value : (@binds || :touching)

        # Declares or reads the stage the first work must have reached: :finish, :handle, :next, :dry or :full.
        def wait(value = nil) = value ? @wait = value : (@wait || :finish)
      end

      # @param works [Array<Steps::Work>]
      # @param places [Steps::Places]
      # @param design [Design]
      def initialize(works, places, design)
        @works = works
        @places = places
        @design = design
      end

      # @return [Array<Wait>] between works; none where the maker's schools do without the rule
      def waits
        return [] unless @design.schools.rule?(self.class.code)

        laters = @works.select { |work| later?(work) }
        return [] if laters.empty?

        among = @places.among(laters)
        @works.select { |work| first?(work) }.flat_map do |first|
          reached(first, laters, among).filter_map do |later|
            between(first, later) unless first.equal?(later) || against_pile?(first, later) || !bound?(first, later)
          end
        end
      end

      # @return [Array(Integer, Integer)] minutes that the one waits for the other, at the least and, where there is such, at the most
      def lasting(first, later) = [at_least(first, later), at_most(first, later)]

      private

      def first?(_work) = raise(NotImplementedError)
      def later?(_work) = raise(NotImplementedError)

      # Of those that the rule reaches, a rule may ask for more.
      def bound?(_first, _later) = true

      def reached(first, laters, among)
        case reach = self.class.binds
        when :anything then laters
        when :part then among.of_part(first)
        when :pile then among.of_pile(first)
        when :touching then among.near(first)
        else among.near(first, reach)
        end
      end

      def against_pile?(first, later)
        self.class.follows_the_pile? && same_pile?(first, later) && (first.stack[1] <=> later.stack[1]).positive?
      end

      # Layers of one zone, form stack or water.
      def same_pile?(first, later) = first.same_pile?(later)

      def at_least(first, later) = dried(first, self.class.wait, later)

      # Minutes until the first has reached a stage. Superglue holds at once and is kept back by its vapour only from
      # primer and paint (common practice): all other work waits no longer than for its grip.
      def dried(first, stage, later)
        stage = :handle if stage == :next && first.superglued? && !later.colour?
        first.stages.after(stage) || 0
      end

      def at_most(_first, _later) = nil

      def between(first, later)
        least, most = lasting(first, later)
        Wait.new(first: first, later: later, at_least_min: least, at_most_min: most, code: self.class.code,
          strength: self.class.strength, why: self.class.why)
      end
    end
  end
end
