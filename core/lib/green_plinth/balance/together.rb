# frozen_string_literal: true

module GreenPlinth
  module Balance
    # What a base weighs with the bodies that are set on it, and where the middle of it all is.
    class Together
      # @param mass [Mass] of the base
      # @param placed [Array<Composition::PlacedBody>] that stand on it
      def initialize(mass, placed)
        @mass = mass
        @placed = placed
      end

      # @return [Float, nil] grams; nil while any is unknown
      def total_g = weights.include?(nil) ? nil : weights.sum

      # @return [Array(Float, Float, Float), nil] mm
      def centre
        total = total_g
        return unless total&.positive? && centres.all?

        (0..2).map { |axis| weights.zip(centres).sum { |grams, centre| grams * centre[axis] } / total }
      end

      # @return [Float, nil] degrees that it can be tipped by
      def tip_deg = centre && @mass.tips_at(centre)

      private

      def weights = @weights ||= [@mass.total_g, *@placed.map { |one| one.evaluation.mass.total_g }]
      def centres = @centres ||= [@mass.centre, *@placed.map { |one| one.evaluation.mass.centre&.then { |at| one.in_build(at) } }]
    end
  end
end
