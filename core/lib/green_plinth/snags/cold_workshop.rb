# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Water-borne films do not knit in the cold.
    class ColdWorkshop < Check
      code "dry/too_cold"
      severity "spoils"
      weight 40
      # From memory, as the catalogue's times are.
      LEAST_C = 10

      def snags
        return [] unless design.climate.temperature_c < LEAST_C && water_borne?

        [snag("/climate/temperature_c",
          "At #{number(design.climate.temperature_c)} °C water-borne paint and paste may not knit into a film: it powders off later.",
          put("work at 18 °C", "/climate/temperature_c", 18))
          .drawn(Figure.measure(design.climate.temperature_c, "°C", least: LEAST_C))]
      end

      private

      def water_borne? = @evaluation.steps.any? { |step| catalogue[step.stages.material]&.mechanism == "evaporation" }
    end
  end
end
