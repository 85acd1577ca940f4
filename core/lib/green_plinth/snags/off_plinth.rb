# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A subject whose footprint is not wholly on the top, less its border.
    class OffPlinth < Check
      code "fit/off_plinth"
      severity "stops"
      weight 340

      def snags
        places = @evaluation.nearest_place
        design.subjects.filter_map do |subject|
          over = places.over_mm2(subject)
          next if over < Composition::NearestPlace::LEAST_MM2

          place = design.plinth.border_mm.positive? ? "top inside its border" : "top"
          snag(subject.pointer,
            "#{subject.name.capitalize} stands #{number(over)} mm² off the #{place}: it will hang over the edge or foul the rim.",
            move(subject, places.find(subject, toward: inward(subject)), "inward"))
        end
      end
    end
  end
end
