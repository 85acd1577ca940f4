# frozen_string_literal: true

module GreenPlinth
  module Balance
    # What is joined by a glue to what. Unknown sides are nil and hold nothing against it.
    #   glue, part, ground: Catalogue::Material
    Joint = Struct.new(:glue, :part, :ground) do
      # @return [Catalogue::Material, nil] the side that the glue does not hold
      def slips
        holds = glue&.[]("holds_on")
        holds && sides.find { |side| holds.none? { |trait| side.trait?(trait) } }
      end

      # @return [Boolean] whether the glue eats one of them
      def eats? = glue.trait?("eats_foam") && sides.any? { |side| side.trait?("foam") }

      # @return [Joint] the same two by another glue
      def with(other) = self.class.new(other, part, ground)

      # What it bears before the glue or the weaker side lets go.
      # @return [Float, nil] g/mm²; nil where nothing of it is known
      def strength_g_mm2 = [glue, *sides].filter_map { |one| one&.[]("strength_g_mm2")&.at(1) }.min

      # The side that gives first.
      # @return [Catalogue::Material, nil]
      def weakest = [glue, *sides].compact.select { |one| one["strength_g_mm2"] }.min_by { |one| one["strength_g_mm2"][1] }

      private

      def sides = [part, ground].compact
    end
  end
end
