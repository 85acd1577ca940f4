# frozen_string_literal: true

module GreenPlinth
  module Drying
    # Drying in the air there really was: dryness grows by ∫ dt ÷ t(T, RH), so that a cold night counts for less; dry when it reaches 1.
    # A reading holds until the next one; before the first, and some hours after the last, the air is as the maker said it usually is.
    class Trace
      # A reading says nothing of the air so long afterwards, minutes (from memory).
      HOLDS_MIN = 12 * 60

      # @param readings [Array<Array(Integer, Float, Float)>] minute, °C, %; nil where one of the two was not read
      # @param usual [Design::Climate]
      def initialize(readings, usual)
        @usual = usual
        @readings = filled(readings)
      end

      def any? = @readings.any?

      # @param from [Integer] minute that it was laid
      # @param foretold [Numeric] minutes that it takes in the usual air
      # @param material [Catalogue::Material]
      # @return [Float] minutes that it takes in this air
      def minutes(from, foretold, material)
        dryness = 0.0
        spans(from).each do |start, stop, climate|
          takes = foretold * Air.against(climate, @usual, material)
          return start + ((1 - dryness) * takes) - from if stop.nil? || dryness + ((stop - start) / takes) >= 1

          dryness += (stop - start) / takes
        end
      end

      private

      # Sorted; what was not read is as it was read last.
      def filled(readings)
        warm, damp = @usual.temperature_c, @usual.humidity_pct
        readings.sort_by(&:first).map do |minute, celsius, percent|
          warm, damp = celsius || warm, percent || damp
          [minute, @usual.dup.tap { |air| air.temperature_c, air.humidity_pct = warm.to_f, damp.to_f }.freeze]
        end
      end

      # From a minute on: pieces of one air each, the last without an end.
      def spans(from)
        pieces = @readings.each_with_index.flat_map do |(minute, climate), index|
          ends = [minute + HOLDS_MIN, @readings[index + 1]&.first].compact.min
          [[minute, ends, climate]]
        end
        gaps(pieces.select { |_, stop, _| stop > from }, from)
      end

      # Where no reading holds the usual air does.
      def gaps(pieces, from)
        at = from
        spans = pieces.flat_map do |start, stop, climate|
          before = start > at ? [[at, start, @usual]] : []
          begun = [start, at].max
          at = stop
          [*before, [begun, stop, climate]]
        end
        [*spans, [at, nil, @usual]]
      end
    end
  end
end
