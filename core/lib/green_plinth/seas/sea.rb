# frozen_string_literal: true

module GreenPlinth
  module Seas
    # The waves of one water: as the maker says, else as its sea state has them at the scale.
    class Sea
      # Height over length of a sea that the wind is working on: gentle, usual, steep (from memory).
      STEEPNESS = [1 / 30.0, 1 / 20.0, 1 / 12.0].freeze
      # A state that has no upper bound is taken this much above its lower one.
      OPEN_END = 1.3

      # @param water [Design::Water]
      # @param scale [Float] 1:scale
      # @param wind_from_deg [Float, nil] where the wind of the whole scene comes from
      def initialize(water, scale, wind_from_deg = nil)
        @water = water
        @scale = scale
        @wind_from_deg = wind_from_deg
      end

      # @return [Hash, nil] the record of its sea state: WMO code table 3700
      def state = @water.sea_state && @water.catalogue.sea_states.find { |one| one["state"] == @water.sea_state }

      # @return [Array(Float, Float), nil] m, significant height of its state in life; the last may be nil: no bound
      def range_m = state&.fetch("height_m")

      # @return [Array(Float, Float), nil] mm on the base; the last may be nil
      def range_mm = range_m&.map { |m| m && (m * 1000 / @scale) }

      # @return [Boolean] whether there is a sea on it
      def any? = (height_mm || 0).positive?

      # @return [Float, nil] mm from trough to crest on the base: as the maker says, else the middle of its state's
      def height_mm
        return @water.wave_height_mm if @water.wave_height_mm || range_mm.nil?

        low, high = range_mm
        (low + (high || (low * OPEN_END))) / 2
      end

      # @return [Float, nil] mm: what is raised out of its troughs is so thick in the mean
      def mean_rise_mm = any? ? height_mm / 2 : nil

      # @return [Float, nil] mm from crest to crest: as the maker says, else as waves of that height usually are
      def length_mm = @water.wave_length_mm || height_mm&.then { |height| height / STEEPNESS[1] if height.positive? }

      # @return [Float, nil] height over length
      def steepness = any? ? height_mm / length_mm : nil

      # @return [Float, nil] seconds in life between two crests
      def period_s = any? ? GravityWaves.period(length_mm * @scale / 1000, @water.depth_m) : nil

      # @return [Float, nil] m in life
      def height_m = height_mm && (height_mm * @scale / 1000)

      # @return [Hash, nil] record of the state that its height would be in life
      def state_of_height
        height_m && @water.catalogue.sea_states.find { |one| one["height_m"][1].nil? || height_m <= one["height_m"][1] }
      end

      # @return [Float] degrees, counter-clockwise from the plan's right, that waves come from: as the maker says, else with the wind
      def from_deg = @water.waves_from_deg || @wind_from_deg || 180.0

      # @return [Crests] where the crests lie; nil where there is no sea
      def crests = any? ? @crests ||= Crests.new(height_mm, length_mm, from_deg) : nil
    end
  end
end
