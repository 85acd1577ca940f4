# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Aerosols bloom in damp air.
    class DampWorkshop < Check
      code "dry/too_damp"
      severity "spoils"
      weight 100
      # From memory, as the catalogue's times are.
      MOST_PCT = 75

      def snags
        return [] unless design.climate.humidity_pct > MOST_PCT && sprayed?

        [snag("/climate/humidity_pct",
          "At #{number(design.climate.humidity_pct)} % humidity sprayed coats may dry milky: wait for a drier day or warm the room.",
          put("spray at 60 %", "/climate/humidity_pct", 60)).drawn(Figure.measure(design.climate.humidity_pct, "%", most: MOST_PCT))]
      end

      private

      def sprayed? = @evaluation.steps.any? { |step| from_can?(step.rig) || catalogue[step.material]&.trait?("aerosol") }
      def from_can?(rig) = design.kinds["rigs"][rig]&.trait?("aerosol")
    end
  end
end
