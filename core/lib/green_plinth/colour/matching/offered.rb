# frozen_string_literal: true

module GreenPlinth
  module Colour
    class Matching
      # The paints to choose from, a row for each.
      class Offered
        # absorptions: K/S, paints × bands; tones: XYZ, paints × 3; rests: of their spectra, paints × 3; strengths.
        attr_reader :absorptions, :tones, :rests, :strengths

        # @param paints [Array<PaintMix::Paint>]
        def initialize(paints)
          rows = ->(&of) { Numo::DFloat[*paints.map(&of)] }
          @absorptions = rows.call { |paint| Spectrum.of(paint.colour).map { |value| KubelkaMunk.absorption(value) } }
          @tones = rows.call { |paint| Light.xyz(paint.colour) }
          @rests = rows.call { |paint| Spectrum.rest(paint.colour) }
          @strengths = Numo::DFloat[*paints.map { |paint| (paint.strength || 1.0).to_f }]
        end

        def size = strengths.size

        # @return [Boolean] whether all tint as strongly
        def alike? = strengths.to_a.uniq.size == 1
      end
    end
  end
end
