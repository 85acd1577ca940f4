# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Natural stone and built stone of one tone, which read as one heap.
    class StoneAlike < Check
      code "colour/stone_alike"
      severity "advice"
      weight 218

      def snags
        toned = design.features.filter_map { |feature| tone(feature)&.then { |colour| [feature, Colour::Lab.of(colour)] } }
        natural = toned.select { |feature, _| feature.kind.trait?("natural_stone") }
        built = toned.select { |feature, _| feature.kind.trait?("masonry") }
        natural.product(built).filter_map { |(rock, one), (wall, other)| judged(rock, one, wall, other) }
      end

      private

      # As the maker has painted it.
      def tone(feature) = feature.courses.reverse.find(&:colour)&.colour || feature.colour

      def judged(rock, one, wall, other)
        apart = Colour::Difference.between(one, other)
        return if apart >= GroundsAlike::MERGE

        told = "#{wall.name.capitalize} and #{rock.name} end in nearly the same grey (ΔE #{number(apart)})"
        snag(wall.pointer, "#{told}: built and natural stone read as one. Shift one warmer or lighter.")
          .drawn(Figure.tones([wall, rock].map { |feature| [feature.name, tone(feature)] }))
      end
    end
  end
end
