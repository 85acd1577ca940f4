# frozen_string_literal: true

module GreenPlinth
  module Drying
    # What the workshop's air does to drying.
    module Air
      REFERENCE_C = 20.0
      REFERENCE_PCT = 50.0
      # Beyond these the formula says more than the trade has seen.
      HUMIDITY_FACTOR = (0.4..5.0)
      # Superglue cures by the air's moisture; seconds × 50 / RH within this.
      MOISTURE_FACTOR = (0.6..2.0)

      module_function

      # Saturation vapour pressure over water, Magnus form. Source: WMO-No. 8, Guide to Instruments and Methods of
      # Observation, annex 4.B.
      # @return [Float] hPa
      def saturation_hpa(celsius) = 6.112 * Math.exp(17.62 * celsius / (243.12 + celsius))

      # Vapour pressure deficit.
      # @return [Float] hPa
      def deficit_hpa(celsius, humidity_pct) = saturation_hpa(celsius) * (1 - (humidity_pct / 100.0))

      # @return [Float] how many times as long as at the reference water takes to leave
      def humidity_factor(climate)
        deficit = deficit_hpa(climate.temperature_c, climate.humidity_pct)
        return HUMIDITY_FACTOR.max if deficit <= 0

        (deficit_hpa(REFERENCE_C, REFERENCE_PCT) / deficit).clamp(HUMIDITY_FACTOR.min, HUMIDITY_FACTOR.max)
      end

      def airflow_factor(climate) = climate.air["factor"]

      # Reaction rates double every 10 °C (rule of thumb of chemical kinetics, common practice).
      def reaction_factor(climate) = 2**((REFERENCE_C - climate.temperature_c) / 10.0)

      # By how much longer a material dries in one air than in another, by its own law: see Forecast.
      # @param material [Catalogue::Material]
      # @return [Float]
      def against(climate, usual, material)
        law = LAWS[material.trait?("superglue") ? "moisture" : material.mechanism]
        law ? public_send(law, climate) / public_send(law, usual) : 1.0
      end

      LAWS = { "evaporation" => :humidity_factor, "hydration" => :humidity_factor, "reaction" => :reaction_factor,
               "solvent" => :reaction_factor, "oxidation" => :reaction_factor, "moisture" => :moisture_factor }.freeze
      private_constant :LAWS

      def moisture_factor(climate) = (REFERENCE_PCT / climate.humidity_pct).clamp(MOISTURE_FACTOR.min, MOISTURE_FACTOR.max)
    end
  end
end
