# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A way of working the catalogue does not hold: kept in the file, timed as the material's usual one.
    class TechniqueUnknown < Check
      code "habit/technique_unknown"
      severity "advice"

      def snags
        parts = design.features + (design.zones + design.features).flat_map(&:courses)
        parts.select { |part| part["technique"] && catalogue.technique(part["technique"]).nil? }.map do |part|
          snag(part.pointer, "The way of working #{part["technique"]} is not in the catalogue: #{part.name} is timed as its usual way.",
            take_out("use the usual way", "#{part.pointer}/technique"))
        end
      end
    end
  end
end
