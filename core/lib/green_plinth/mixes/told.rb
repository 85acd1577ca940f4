# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # What follows from the parts of a mix, and what of it was measured instead.
    class Told
      # @param mix [Catalogue::Stirred]
      # @param catalogue [Catalogue] with the mixes that it may be of
      def initialize(mix, catalogue)
        @mix = mix
        @catalogue = catalogue
      end

      # @return [Hash] JSON-ready; nil where unknown
      def to_h
        material = @catalogue[@mix.key]
        return { "known" => false } unless material

        formula = Formula.of(@mix.key, @catalogue, { @mix.id => @mix })
        { "known" => true, "name" => material.name, "colour" => material.colour, "family" => material.family.key, "sets" => material.sets?,
          "density_g_ml" => material.density_wet&.round(3), "dry_h" => hours(material), "open_min" => material.open_min&.typical,
          "shrinkage_pct" => (material.shrinkage * 100).round(1), "traits" => material.traits, "hazards" => material.hazards,
          "cautions" => @catalogue.caution_lines(material.hazards), "measured" => @mix.measured.keys + (@mix.colour ? ["colour"] : []),
          "least_g" => formula.least_g&.round(2), "by_mass" => formula.ratio(:mass), "by_volume" => formula.ratio(:volume),
          "parts" => formula.parts.map { |part| part(part) } }
      end

      private

      # Low, typical and high: as derived the spread is that of the parts.
      def hours(material) = material.sets? ? material.hours("dry")&.then { |range| [range.low, range.typical, range.high] } : nil

      def part(part)
        { "name" => part.name, "material" => part.material, "colour" => part.colour, "mass_share" => part.mass.round(5),
          "volume_share" => part.volume&.round(5) }
      end
    end
  end
end
