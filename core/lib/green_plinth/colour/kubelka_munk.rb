# frozen_string_literal: true

module GreenPlinth
  module Colour
    # Paint as light sees it: some is scattered back (S), some is swallowed (K). Source: Kubelka and Munk, "Ein Beitrag zur Optik
    # der Farbanstriche", Zeitschrift für technische Physik 12 (1931); mixtures: Duncan, "The colour of pigment mixtures",
    # Proceedings of the Physical Society 52 (1940); layers: Kubelka, "New contributions to the optics of intensely
    # light-scattering materials", Journal of the Optical Society of America 38 (1948).
    module KubelkaMunk
      module_function

      # @param reflectance [Float] of a coat that hides what lies under it, 0 < R ≤ 1
      # @return [Float] K/S
      def absorption(reflectance) = ((1 - reflectance)**2) / (2 * reflectance)

      # @param absorption [Float] K/S
      # @return [Float] reflectance of a coat that hides what lies under it
      def reflectance(absorption) = 1 + absorption - Math.sqrt((absorption**2) + (2 * absorption))

      # @param absorption [Float] K/S of the film
      # @param scatter [Float] S·X, its scattering times its thickness; 0 is no film
      # @param ground [Float] reflectance of what lies under it
      # @return [Float] reflectance of the film on that ground
      def over(absorption, scatter, ground)
        return ground if scatter.zero?

        a = 1 + absorption
        b = Math.sqrt((a**2) - 1)
        # What swallows nothing: b coth(b S X) is 1 ÷ (S X).
        c = b * scatter < 1e-6 ? 1 / scatter : b / Math.tanh(b * scatter)
        (1 - (ground * (a - c))) / (a - ground + c)
      end
    end
  end
end
