# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Two kinds of ground side by side that read as one.
    class GroundsAlike < Check
      code "colour/grounds_alike"
      severity "advice"
      weight 210
      # ΔE2000 below which two tones merge at arm's length (from memory; 1 is just seen side by side).
      MERGE = 4.0

      def snags
        tones = design.zones.each_with_index.map { |zone, index| [zone, index, Colour::Lab.of(Colour::Tone.of_zone(zone))] }
        tones.combination(2).filter_map do |(one, a, first), (other, b, second)|
          next if one.ground == other.ground || grown?(one) != grown?(other) || !neighbours?(a, b)

          apart = Colour::Difference.between(first, second)
          next if apart >= MERGE

          alike = "#{one.name.capitalize} and #{other.name} end in nearly the same tone (ΔE #{number(apart)})"
          snag(other.pointer, "#{alike}: they will read as one ground. Shift one lighter or warmer.")
            .drawn(Figure.tones([one, other].map { |zone| [zone.name, Colour::Tone.of_zone(zone)] }))
        end
      end

      private

      # Bare soil and growth are never alike, whatever their tones.
      def grown?(zone) = zone.courses.any? { |course| course.material&.trait?("grows") }

      def neighbours?(a, b) = @evaluation.ground.area(a).distance(@evaluation.ground.area(b)) < 0.5
    end
  end
end
