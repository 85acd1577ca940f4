# frozen_string_literal: true

module GreenPlinth
  class Design
    # From which of its sides something that stands is seen, of those that its kind is drawn from: square on, as from the front of a
    # base on which it is not turned, or end on, as from its right.
    class SeenFrom
      # @param part [Subject, Feature]
      # @param toward [Array(Float, Float)] unit vector on the plan, from it to the eye
      def initialize(part, toward)
        @part = part
        turn = part.turn_deg * Math::PI / 180
        @right = (toward[0] * Math.cos(turn)) + (toward[1] * Math.sin(turn))
        @back = (toward[1] * Math.cos(turn)) - (toward[0] * Math.sin(turn))
      end

      # @return [Boolean]
      def end_on? = @part.kind["end_on"] && @right.abs > @back.abs ? true : false

      # @return [Boolean] from behind, or from its left: its silhouette the other way round
      def mirrored? = end_on? ? @right.negative? : @back.positive?

      # @return [Hash] silhouette: the member of the kind's record that is drawn; mirrored
      def to_h = { "silhouette" => end_on? ? "end_on" : "silhouette", "mirrored" => mirrored? }
    end
  end
end
