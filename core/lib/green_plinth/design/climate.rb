# frozen_string_literal: true

module GreenPlinth
  class Design
    # The workshop's air. What the file leaves out is the reference: 20 °C, 50 % RH, room air.
    Climate = Struct.new(:temperature_c, :humidity_pct, :airflow, keyword_init: true) do
      def self.of(data)
        new(temperature_c: (data["temperature_c"] || 20).to_f, humidity_pct: (data["humidity_pct"] || 50).to_f,
          airflow: data["airflow"] || "room").freeze
      end
    end
  end
end
