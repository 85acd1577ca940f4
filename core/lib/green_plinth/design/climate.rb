# frozen_string_literal: true

module GreenPlinth
  class Design
    # The workshop's air. What the file leaves out is the reference state. air: Kinds::Kind, how it moves.
    Climate = Struct.new(:temperature_c, :humidity_pct, :air, keyword_init: true) do
      def self.of(data, kinds = Kinds.default)
        usual = ->(member) { (data[member] || kinds.work("climate", member)).to_f }
        new(temperature_c: usual["temperature_c"], humidity_pct: usual["humidity_pct"],
          air: kinds.of("airs", data["airflow"]) || kinds.usual("airs")).freeze
      end
    end
  end
end
