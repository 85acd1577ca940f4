# frozen_string_literal: true

module GreenPlinth
  module Devices
    # Simulated bench scales: what lies on the pan is poured by commands, and the reading behaves as that of cheap scales does.
    # Figures from memory: it settles within a second, its last digit jumps by ±0.02 g, and it drifts by a few hundredths in a minute.
    class Scales
      RESOLUTION_G = 0.01
      NOISE_G = 0.02
      DRIFT_G_MIN = 0.02
      # Of what is missing to the true load the reading has caught up two thirds after so long, seconds.
      SETTLES_S = 0.35
      # The reading is called stable where it has moved by no more than this, g, within the last second.
      STABLE_G = 0.05
      MOST_G = 2000.0
      # What a hand pours at the most, g/s.
      MOST_FLOW = 100.0

      # @param seed [Integer] of the noise
      def initialize(seed: 1)
        @random = Random.new(seed)
        @load = @shown = @drift = @tare = @flow = 0.0
        @tares = 0
        @moments = []
        @now = nil
      end

      # @param command [Hash] do: tare, clear or flow (with g_per_s: 0 stops)
      # @return [Boolean] whether it meant something
      def take(command)
        case command["do"]
        when "tare"
          @tare = @shown + @drift
          @tares += 1
        when "clear" then @load = @flow = 0.0
        when "flow"
          return false unless command["g_per_s"].is_a?(Numeric)

          @flow = command["g_per_s"].to_f.clamp(0.0, MOST_FLOW)
        else return false
        end
        true
      end

      # Lets time go on.
      # @param at [Float] seconds, of any clock that only goes forward
      # @return [Hash] the reading; tares: how often it was tared, by which a reading from before is known
      def read(at)
        passed = @now ? [at - @now, 0.0].max : 0.0
        @now = at
        @load = [@load + (@flow * passed), MOST_G].min
        @shown += (@load - @shown) * (1 - Math.exp(-passed / SETTLES_S))
        @drift += DRIFT_G_MIN * passed / 60 if @load.positive?
        g = @shown + @drift - @tare + @random.rand(-NOISE_G..NOISE_G)
        { "g" => (g / RESOLUTION_G).round * RESOLUTION_G, "stable" => stable?(at), "tares" => @tares, "simulated" => true }
          .then { |reading| reading.merge("g" => reading["g"].round(2)) }
      end

      private

      def stable?(at)
        @moments << [at, @shown]
        @moments.shift while @moments.first.first < at - 1
        @moments.last.first - @moments.first.first > 0.5 && @moments.map(&:last).minmax.reduce(:-).abs <= STABLE_G
      end
    end
  end
end
