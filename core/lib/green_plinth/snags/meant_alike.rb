# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Two grounds of one kind that end nearly, but not quite, in one tone: asked whether they are meant alike.
    class MeantAlike < Check
      code "colour/meant_alike"
      severity "advice"
      weight 217

      # Seen as a difference from the first on, as two tones from the second on (ΔE2000, from memory).
      SEEN = 2.0
      TWO_TONES = 8.0

      def snags
        painted = design.zones.filter_map { |zone| top_coat(zone)&.then { |course| [zone, course] } }
        painted.combination(2).filter_map { |(one, first), (other, second)| judged(one, first, other, second) }
      end

      private

      # The coat whose tone the maker chose and that is seen.
      def top_coat(zone)
        coat = zone.courses.reverse.find { |course| course.material && !course.material.trait?("clear") }
        coat if coat&.colour
      end

      def judged(one, first, other, second)
        return unless one.ground == other.ground && first.material_key == second.material_key

        apart = Colour::Difference.between(Colour::Lab.of(first.colour), Colour::Lab.of(second.colour))
        return unless apart >= SEEN && apart < TWO_TONES

        told = "#{one.name.capitalize} and #{other.name} are both #{one.ground.name}, and nearly of one tone (ΔE #{number(apart)})"
        snag(second.pointer, "#{told}: meant alike, they read as a mistake.",
          put("paint #{other.name} like #{one.name}", "#{second.pointer}/colour", first.colour))
          .drawn(Figure.tones([[one.name, first.colour], [other.name, second.colour]], [[one.name, first.colour]] * 2))
      end
    end
  end
end
