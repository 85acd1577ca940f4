# frozen_string_literal: true

module GreenPlinth
  module Colour
    # A coat that lets the ground show: washes, glazes, thin paint. Its hiding is the share of the contrast between a black and
    # a white ground that it takes away, 0 (glass) … 1 (nothing shows); so much scatters as makes it so.
    module Film
      # From here on nothing shows through.
      HIDES = 0.995
      # S·X that is looked at: from next to nothing to far more than hides.
      SCATTERS = [1e-4, 1e3].freeze

      KEPT = Kept.new
      private_constant :KEPT

      module_function

      # @param colour [String] of the coat where it is thick
      # @param hiding [Float] 0..1 of one coat
      # @param ground [String] what it is laid on
      # @param coats [Integer]
      # @return [String] how it looks there
      def over(colour, hiding, ground, coats: 1)
        return ground if hiding <= 0
        return colour if hiding >= HIDES

        KEPT.fetch([colour, hiding, ground, coats]) { laid(colour, hiding, ground, coats) }
      end

      def laid(colour, hiding, ground, coats)
        absorptions = Spectrum.of(colour).map { |value| KubelkaMunk.absorption(value) }
        scatter = scatter(absorptions, hiding) * coats
        under = Spectrum.of(ground)
        bands = absorptions.zip(under).map { |ks, below| KubelkaMunk.over(ks, scatter, below) }
        shows = 1 - hidden(absorptions, scatter)
        rest = [colour, ground].map { |one| Spectrum.rest(one) }.transpose.map { |own, below| (own * (1 - shows)) + (below * shows) }
        Light.hex(Observer.xyz(bands).zip(rest).map(&:sum))
      end

      private_class_method :laid

      # @return [Float] the share of the ground's contrast that is taken away
      def hidden(absorptions, scatter)
        white, black = [1.0, 0.0].map { |ground| luminance(absorptions.map { |ks| KubelkaMunk.over(ks, scatter, ground) }) }
        1 - (white - black)
      end
      private_class_method :hidden

      def luminance(bands) = Observer::ROWS[1].zip(bands).sum { |weight, value| weight * value }
      private_class_method :luminance

      # The more it scatters, the more it hides: halved down to where it hides so much.
      def scatter(absorptions, hiding)
        low, high = SCATTERS
        40.times do
          middle = Math.sqrt(low * high)
          hidden(absorptions, middle) < hiding ? low = middle : high = middle
        end
        low
      end
      private_class_method :scatter
    end
  end
end
