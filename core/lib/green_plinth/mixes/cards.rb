# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # The cards of a build: of every step that stirs something up.
    class Cards
      # @param steps [Array<Steps::Step>]
      # @param catalogue [Catalogue] with mixes
      # @param mixes [Hash{String => Catalogue::Stirred}] by id
      def initialize(steps, catalogue, mixes)
        @steps = steps
        @catalogue = catalogue
        @mixes = mixes
      end

      # @return [Array<Needed>] in the order of work; what nobody can say the amount of has none
      def needed
        @needed ||= @steps.flat_map do |step|
          step.uses.filter_map do |use|
            next unless use.amount&.positive?

            formula = formula(use.material)
            formula && Needed.new(formula, step, use).then { |one| one if one.g }
          end
        end
      end

      def to_h = needed.map { |one| one.to_h(needed, method(:apart?)) }

      private

      def apart?(one, other) = before(one.id).include?(other.id) || before(other.id).include?(one.id)

      # @return [Set<String>] all steps that a step waits for
      def before(id)
        @before ||= {}
        @before[id] ||= begin
          found = Set.new
          left = [id]
          while (step = by_id[left.pop])
            step.after.each { |wait| left << wait.first if found.add?(wait.first) }
          end
          found
        end
      end

      def by_id = @by_id ||= @steps.to_h { |step| [step.id, step] }

      def formula(key)
        @formulas ||= {}
        @formulas.fetch(key) { @formulas[key] = Formula.of(key, @catalogue, @mixes) }
      end
    end
  end
end
