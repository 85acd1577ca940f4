# frozen_string_literal: true

module GreenPlinth
  module Colour
    # A tone read off a photograph that has a grey card in it: what the card is off is taken off the tone, red, green and blue each
    # by itself, in linear light.
    module GreyCard
      # What a photographer's grey card sends back of all light, and a sheet of white paper (common practice).
      GREY = 0.18
      WHITE = 0.85

      module_function

      # @param tone [String] "#rrggbb" as the photograph has it, the mean of a spot
      # @param card [String] the card's, from the same photograph
      # @param reflects [Float] what the card sends back, 0..1
      # @return [String, nil] as it is in daylight; nil where the card is black or burnt out and tells nothing
      def corrected(tone, card, reflects = GREY)
        seen = Light.linear(card)
        return if seen.any? { |value| value < 0.002 || value > 0.97 }

        Light.coded(Light.linear(tone).zip(seen).map { |value, grey| value * reflects / grey })
      end
    end
  end
end
