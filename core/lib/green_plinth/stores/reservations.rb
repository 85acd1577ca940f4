# frozen_string_literal: true

module GreenPlinth
  module Stores
    # What all builds will take of the stores, in the order of their dates: which step finds how much, and at which it runs out.
    class Reservations
      # Less than this is what rounding leaves.
      TOO_LITTLE = 0.005

      # One step's need. build: whatever tells builds apart; at: minute that it begins; before, after: what is there before and after
      # it, in the unit of the stores (after is below 0 where it runs out); amount: nil where unknown.
      Taken = Struct.new(:build, :title, :step, :step_title, :at, :amount, :before, :after, keyword_init: true)

      # One thing that is kept or needed. runs_out: the first that does not find enough, nil where all do.
      Reserved = Struct.new(:material, :colour, :unit, :have, :taken, keyword_init: true) do
        def runs_out = taken.find { |one| one.after && one.after < -TOO_LITTLE }
        def needed = taken.sum { |one| one.amount || 0.0 }
        def missing = [needed - have, 0.0].max.then { |much| much > TOO_LITTLE ? much : 0.0 }
      end

      # @param plans [Hash{Object => Questions::DatedPlan}] of builds that are not ready yet
      # @param shelves [Shelves]
      # @param catalogue [Catalogue]
      def initialize(plans, shelves, catalogue)
        @plans = plans
        @shelves = shelves
        @catalogue = catalogue
      end

      # @return [Array<Reserved>] what runs out first, first; then by name
      def things
        @things ||= needs.group_by { |need| need.first(2) }.map { |(material, colour), of| thing(material, colour, of) }
          .sort_by { |one| [one.runs_out ? one.runs_out.at : Float::INFINITY, @catalogue.name(one.material), one.colour.to_s] }
      end

      private

      # What is done is taken already.
      def needs
        @plans.flat_map do |build, plan|
          plan.steps.reject { |step| step.node.done? }.flat_map do |step|
            step.takes.map { |material, colour, amount, unit| [material, colour&.downcase, amount, unit, step, build, plan.title] }
          end
        end
      end

      def thing(material, colour, needs)
        known = @catalogue[material]
        unit = unit(material, colour, known, needs)
        have = @shelves.amount(material, colour, unit)
        left = have
        taken = needs.sort_by { |need| need[4].start }.map do |_, _, amount, from, step, build, title|
          amount &&= known ? Quantities::Units.convert(amount, from, unit, known) : amount
          before = left
          left -= amount || 0.0
          Taken.new(build: build, title: title, step: step.id, step_title: step.title, at: step.start, amount: amount, before: before,
            after: amount && left)
        end
        Reserved.new(material: material, colour: colour, unit: unit, have: have, taken: taken)
      end

      # As it is kept, else as it is sold, else as it is used. Of what is sold in sheets the share of a sheet.
      def unit(material, colour, known, needs)
        @shelves.of(material, colour).first&.unit || known&.pack&.fetch("unit", nil) || needs.first[3]
      end
    end
  end
end
