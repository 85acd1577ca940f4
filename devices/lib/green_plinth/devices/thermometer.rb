# frozen_string_literal: true

module GreenPlinth
  module Devices
    # A simulated thermometer and hygrometer of a workshop: a mild day, a cool and damp night. Figures from memory: a heated room that
    # is let go cold at night swings by about 6 °C, and the same air is damper when it is colder.
    class Thermometer
      MEAN_C = 18.0
      SWING_C = 3.0
      # The coldest hour of the night, hours of the clock on the wall.
      COLDEST_H = 5.0
      MEAN_PCT = 55.0
      SWING_PCT = 12.0
      # Its last digits jump by so much.
      NOISE_C = 0.1
      NOISE_PCT = 1.0

      # @param seed [Integer] of the noise
      # @param clock [#call] → Time on the wall
      def initialize(seed: 1, clock: -> { Time.now })
        @random = Random.new(seed)
        @clock = clock
      end

      # It only reads.
      # @return [Boolean] whether a command meant something
      def take(_command) = false

      # @return [Hash] the reading: °C to a tenth, percent of relative humidity as a whole number
      def read(_at)
        now = @clock.call
        cold = Math.cos(2 * Math::PI * (now.hour + (now.min / 60.0) - COLDEST_H) / 24)
        { "temperature_c" => (MEAN_C - (SWING_C * cold) + @random.rand(-NOISE_C..NOISE_C)).round(1),
          "humidity_pct" => (MEAN_PCT + (SWING_PCT * cold) + @random.rand(-NOISE_PCT..NOISE_PCT)).round, "simulated" => true }
      end
    end
  end
end
