# frozen_string_literal: true

module GreenPlinth
  module Colour
    # A batch that came out otherwise than wanted: how far it is off, and which of its paints to add. The batch is taken for what
    # it looks like, and each paint is tried in growing amounts.
    class Correction
      # Shares of the batch that are tried, of each paint.
      TRIED = [0.02, 0.04, 0.06, 0.08, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5].freeze
      # Under this two tones look the same side by side (Sharma, Wu and Dalal 2005: 1 is about a just noticeable difference).
      SAME = 2.0

      # What to add. part: index of the paint; share: of the batch's volume; colour: what it comes to; difference: ΔE00 left.
      Addition = Struct.new(:part, :share, :colour, :difference)

      # @param wanted [String] "#rrggbb"
      # @param batch [String] as it came out
      # @param paints [Array<PaintMix::Paint>] that it was mixed of
      def initialize(wanted, batch, paints)
        @wanted = Lab.of(wanted)
        @batch = batch
        @paints = paints
      end

      # @return [Float] ΔE00
      def difference = Difference.between(@wanted, Lab.of(@batch))

      def same? = difference < SAME

      # @return [Array<Addition>] the best of each paint that brings it nearer, the nearest first
      def additions
        @paints.each_index.filter_map { |part| best(part) }.sort_by(&:difference)
      end

      private

      def best(part)
        paint = @paints[part]
        tried = TRIED.map do |share|
          xyz = PaintMix.xyz([PaintMix::Paint.new(@batch, 1.0, nil), PaintMix::Paint.new(paint.colour, share, paint.strength)])
          Addition.new(part, share, Light.hex(xyz), Difference.between(@wanted, Lab.of_xyz(xyz)))
        end
        tried.min_by(&:difference).then { |one| one if one.difference < difference }
      end
    end
  end
end
