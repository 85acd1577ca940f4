# frozen_string_literal: true

module GreenPlinth
  module Waters
    # What to measure for one pour: two-part resin by mass and volume, tint by the drop.
    module PourCard
      # Left in the cup and on the stick (typical, from memory).
      WASTE = 1.10

      module_function

      # @param volume_ml [Float] that the layer holds once set
      # @return [Hash] mix_ml, resin_g, hardener_g (nil where the kind's ratio is unknown), drops, drops_ml
      def of(water, medium, volume_ml)
        return { "mix_ml" => nil, "parts" => nil, "drops" => nil } unless medium

        mix = medium.wet_volume(volume_ml) * WASTE
        per10 = water.tint_drops
        { "mix_ml" => mix.round(2), "parts" => parts(medium, mix), "drops" => per10 && (per10 * mix / 10).round,
          "tint_ml" => per10 && (per10 * mix / 10 * Catalogue::Measures::DROP_ML).round(2) }
      end

      # Parts by mass, where the catalogue knows the medium's ratio; the label of the resin at hand overrules it.
      def parts(medium, mix_ml)
        ratio = medium["mix_parts"] or return
        grams = mix_ml * medium.density_wet
        whole = ratio["by_mass"].values.sum.to_f
        ratio["by_mass"].map do |name, share|
          mass = grams * share / whole
          { "name" => name, "mass_g" => mass.round(1), "volume_ml" => (mass / ratio["density"].fetch(name)).round(1) }
        end
      end
      private_class_method :parts
    end
  end
end
