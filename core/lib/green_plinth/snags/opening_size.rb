# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A door that says what it stands for and is of another height.
    class OpeningSize < Check
      code "scale/opening_height"
      severity "advice"
      weight 121
      # Built things differ by this much before they look wrong (from memory).
      ALLOWED = 1.15

      def snags
        @evaluation.buildings.flat_map(&:openings).filter_map do |opening|
          thing = real_thing(opening.represents)
          next unless thing&.measure == "height"

          low, high = thing.model_mm(design.scale)
          snag_of(opening, thing) unless opening.height.between?(low / ALLOWED, high * ALLOWED)
        end
      end

      private

      def snag_of(opening, thing)
        right = (thing.range_mm.typical / design.scale).round(1)
        low, high = [thing.range_mm.low, thing.range_mm.high].map { |size| Scale::Length.metric(size) }
        life = Scale::Length.metric(opening.height * design.scale)
        snag(opening.pointer, "The #{opening.name} is #{mm(opening.height)} high, #{life} in life; #{thing.name} is #{low} to #{high}.",
          put("make it #{mm(right)} high", "#{opening.pointer}/height_mm", right)).drawn(of_life(opening.height, thing))
      end
    end
  end
end
