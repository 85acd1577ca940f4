# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # Cables lie in the bulk, before any ground covers them.
      module CableWorks
        private

        def cables
          @design.features.select { |feature| feature.powered? && feature.cable }.each do |feature|
            add(@catalogue.usual_technique("cable_laid"), feature, id: "#{feature.id}/cable", places: [Places::PLINTH],
              amount: Plan::Geos.line(feature.cable).length / DM)
          end
        end
      end
    end
  end
end
