# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A way of working the catalogue does not hold: kept in the file, timed as the material's usual one.
    class TechniqueUnknown < Check
      code "habit/technique_unknown"
      severity "advice"
      weight 520

      def snags
        named = (design.features + design.courses + design.outer_courses)
          .select { |part| part.technique && catalogue.technique(part.technique).nil? }
        named.map do |part|
          snag(part.pointer, "The way of working #{part.technique} is not in the catalogue: #{part.name} is timed as its usual way.",
            take_out("use the usual way", "#{part.pointer}/technique"))
        end
      end
    end
  end
end
