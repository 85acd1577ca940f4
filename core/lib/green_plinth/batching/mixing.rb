# frozen_string_literal: true

module GreenPlinth
  module Batching
    # What is stirred up and sets by itself is mixed as often as its pot life asks: no more at once than can be laid before it
    # stiffens.
    module Mixing
      # Minutes to stir up another lot and wash out the bowl (from memory).
      AGAIN_MIN = 3

      module_function

      # @param material [Catalogue::Material, nil] what is laid
      # @param pot_min [Float, nil] how long it stays workable
      # @param laying_min [Float] hands-on minutes without setting up
      # @return [Integer] how many times it is mixed; 1 for what waits in its pot
      def times(material, pot_min, laying_min)
        return 1 unless mixed?(material) && pot_min&.positive?

        [(laying_min / pot_min.to_f).ceil, 1].max
      end

      def mixed?(material)
        return false if material.nil? || material.trait?("dipped")

        material.mechanism == "hydration" || (material.mechanism == "reaction" && !material.trait?("superglue"))
      end
    end
  end
end
