# frozen_string_literal: true

module GreenPlinth
  class Design
    # A side of the plinth that is finished by courses of its own: veneer, paint, the strata of the ground.
    class Side < Part
      include Coursed

      # @return [Kinds::Kind] which one
      def face = kinds.of("sides", data["on"]) || kinds.usual("sides")

      # @return [Boolean] whether the strata of the ground are painted on it
      def strata? = data["strata"] == true

      def name = data["name"] || face.name

      # @return [Array(Numeric, Numeric), nil] where it looks to; nil: all round
      def toward = face["toward"]

      # @return [String, nil] as it is seen: the last course that has a tone
      def tone = courses.reverse.lazy.map { |course| course.colour || course.material&.colour }.find(&:itself)
    end
  end
end
