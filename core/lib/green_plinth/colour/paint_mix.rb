# frozen_string_literal: true

module GreenPlinth
  module Colour
    # What paints stirred together come to: the K/S of their spectra, each by its share of the whole times its tinting strength
    # (single-constant Kubelka–Munk). A forecast: pigments are not known by their colour alone.
    module PaintMix
      # One paint of a mix. colour: "#rrggbb"; share: of the volume, in any unit; strength: how strongly it tints beside others,
      # 1 where nobody knows.
      Paint = Struct.new(:colour, :share, :strength) do
        def weight = share * (strength || 1.0)
      end

      module_function

      # @param parts [Array<Paint>] at least one
      # @return [String] "#rrggbb"
      def colour(parts) = Light.hex(xyz(parts))

      # @param parts [Array<Paint>]
      # @return [Array(Float, Float, Float)] XYZ
      def xyz(parts)
        whole = parts.sum(&:weight)
        shares = parts.map { |part| part.weight / whole }
        spectra = parts.map { |part| Spectrum.of(part.colour).map { |value| KubelkaMunk.absorption(value) } }
        bands = spectra.transpose.map { |ks| KubelkaMunk.reflectance(ks.zip(shares).sum { |one, share| one * share }) }
        rests = parts.map { |part| Spectrum.rest(part.colour) }.transpose
        Observer.xyz(bands).zip(rests).map { |value, rest| value + rest.zip(shares).sum { |one, share| one * share } }
      end
    end
  end
end
