# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # What a step needs of something that is stirred up, as the card to do it by.
    class Needed
      attr_reader :formula, :step

      # @param formula [Formula]
      # @param step [Steps::Step]
      # @param use [Quantities::Use] with waste, in ml or g
      def initialize(formula, step, use)
        @formula = formula
        @step = step
        @use = use
      end

      # @return [Float, nil] nil where unknown
      def g = @use.unit == "g" ? @use.amount : formula.grams(@use.amount)

      # @return [Portioned]
      def portioned = @portioned ||= Portioned.of(g, [step.mixes || 1, 1].max, formula.least_g)

      # @param others [Array<Needed>] of the build
      # @param apart [#call] tells of two steps whether one of them waits for the other
      # @return [Array<Steps::Step>] what else the left-over could do while it can be worked: steps that need no more of the same
      def serves(others, apart)
        others.select { |one| one.formula.key == formula.key && one.g <= portioned.left_g && !same?(one) && !apart[one.step, step] }
          .map(&:step)
      end

      def to_h(others, apart)
        { "step" => step.id, "title" => step.title, "where" => step.where, "material" => formula.key, "name" => formula.name,
          "colour" => formula.colour, "need_g" => g.round(2), "need_ml" => formula.density && (g / formula.density).round(2),
          "batches" => portioned.count, "used_g" => portioned.used_g.round(2), "left_g" => portioned.left_g.round(2),
          "least_g" => formula.least_g&.round(2), "pot_min" => formula.pot_min&.typical, "by_mass" => formula.ratio(:mass),
          "by_volume" => formula.ratio(:volume),
          "serves" => serves(others, apart).map { |other| { "step" => other.id, "title" => other.title } },
          "hazards" => formula.hazards }.merge(MixCard.new(formula, portioned.g).to_h)
      end

      private

      # Batches of the same work.
      def same?(other) = other.step.work_id == step.work_id
    end
  end
end
