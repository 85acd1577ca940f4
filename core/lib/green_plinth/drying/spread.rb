# frozen_string_literal: true

module GreenPlinth
  module Drying
    # How much drying times vary from one time to the next: times are taken as log-normal.
    module Spread
      # Spread of ln time by how a material dries (typical, from memory). Thick slabs vary more than films.
      BY_MECHANISM = { "hydration" => 0.3, "reaction" => 0.12, "uv" => 0.1, "solvent" => 0.25, "oxidation" => 0.4 }.freeze
      FILM = 0.25
      SLAB = 0.35
      SLAB_EXPONENT = 1.3
      SUPERGLUE = 0.3

      module_function

      # @param material [Catalogue::Material, nil]
      # @return [Float] standard deviation of ln time; 0 for what does not set
      def of(material)
        return 0.0 unless material&.sets?
        return SUPERGLUE if material.trait?("superglue")

        BY_MECHANISM.fetch(material.mechanism) { material.exponent > SLAB_EXPONENT ? SLAB : FILM }
      end

      # What may be expected of a time that is known to be longer: the median of a log-normal cut off below.
      # @param median [Float] minutes foretold
      # @param sigma [Float] of ln time
      # @param over [Float] minutes after which it was still wet
      # @return [Float] minutes
      def longer_than(over, median, sigma)
        return median if over <= 0
        return [median, over].max unless sigma.positive?

        below = Normal.share(Math.log(over / median) / sigma)
        [median * Math.exp(sigma * Normal.at((1 + below) / 2)), over].max
      end
    end
  end
end
