# frozen_string_literal: true

require "socket"

module GreenPlinth
  module Server
    # The thermometer and hygrometer of the workshop, over their local socket. Those that ship are simulated, and say so.
    class Thermometer
      PATH = ENV.fetch("GREEN_PLINTH_CLIMATE", File.join(ROOT, "var", "devices", "climate.sock"))
      # So long it may take to say something, seconds.
      PATIENCE_S = 2
      RANGES = { "temperature_c" => (-60..80), "humidity_pct" => (0..100) }.freeze

      # @param path [String]
      def initialize(path = PATH)
        @path = path
      end

      # @return [Hash, nil] temperature_c, humidity_pct and whether it is simulated; nil where there is none, or it says nothing sensible
      def read
        reading = UNIXSocket.open(@path) { |socket| socket.wait_readable(PATIENCE_S) && JSON.parse(socket.gets.to_s) }
        sensible(reading) if reading.is_a?(Hash)
      rescue SystemCallError, IOError, JSON::ParserError
        nil
      end

      private

      def sensible(reading)
        return unless RANGES.all? { |name, range| reading[name].is_a?(Numeric) && range.cover?(reading[name]) }

        reading.slice(*RANGES.keys).merge("simulated" => reading["simulated"] == true)
      end
    end
  end
end
