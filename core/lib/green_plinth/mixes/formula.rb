# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # What is stirred up, by parts: a mix or a recipe, or a product that comes as resin and hardener, or as powder for water.
    #   key, name, colour: of the whole; density: g/ml, nil where unknown; pot_min: Range3 or nil, how long it can be worked;
    #   least_g: the smallest batch that comes true, nil where any does; hazards: keys of cautions
    Formula = Struct.new(:key, :name, :colour, :density, :parts, :pot_min, :least_g, :hazards, keyword_init: true)

    class Formula
      # One part. material: nil for one half of a product, or for water; mass, volume: its share of the whole, 0..1, nil where
      # unknown; density: g/ml, nil where unknown.
      Component = Struct.new(:name, :material, :colour, :mass, :volume, :density, keyword_init: true)

      # Less of a part than a drop cannot be told off, ml. Source: European Pharmacopoeia 2.1.1.
      LEAST_PART_ML = Catalogue::Measures::DROP_ML

      class << self
        # @param key [String] of a material, or "mix:…"
        # @param catalogue [Catalogue] with mixes
        # @param mixes [Hash{String => Catalogue::Stirred}] by id
        # @return [Formula, nil] nil for what comes ready, or whose ratio is not known
        def of(key, catalogue, mixes)
          stirred = key.start_with?(Catalogue::Stirred::PREFIX)
          mix = stirred ? mixes[key.delete_prefix(Catalogue::Stirred::PREFIX)] : nil
          material = catalogue[key]
          return if material.nil? || (stirred && mix.nil?)

          parts = mix ? stirred_parts(Catalogue::Mixture.new(mix, catalogue)) : product_parts(material)
          parts && new(key: key, name: material.name, colour: material.colour, density: material.density_wet || material.density_dry,
            parts: parts, pot_min: material.open_min, hazards: material.hazards, least_g: least(material, parts, catalogue))
        end

        private

        def stirred_parts(mixture)
          whole = mixture.shares.sum { |one| one.share * one.density }
          mixture.shares.map do |one|
            Component.new(name: one.material&.name || one.key, material: one.material && one.key, colour: one.tone,
              mass: one.share * one.density / whole, volume: one.share, density: one.density)
          end
        end

        def product_parts(material)
          masses = material.proportions or return
          densities = material["mix_parts"]["density"] || {}
          volumes = masses.keys.all? { |name| densities[name] } ? masses.to_h { |name, mass| [name, mass / densities[name]] } : nil
          masses.map do |name, mass|
            Component.new(name: name, mass: mass, volume: volumes && (volumes[name] / volumes.values.sum), density: densities[name])
          end
        end

        # As the product asks, its own or of one that is stirred in, and a drop of each part at the least.
        def least(material, parts, catalogue)
          asked = parts.filter_map do |part|
            inner = part.material && catalogue[part.material]
            inner && inner["least_batch_g"] && (inner["least_batch_g"] / part.mass)
          end
          drops = parts.filter_map { |part| part.density && (LEAST_PART_ML * part.density / part.mass) if part.material }
          [material["least_batch_g"], *asked, *drops].compact.max
        end
      end

      # @param ml [Float] of the whole
      # @return [Float, nil] g
      def grams(ml) = density && (ml * density)

      # @return [Array<Float>, nil] parts by mass and by volume, the least of them 1; nil where unknown
      def ratio(way)
        shares = parts.map(&way)
        shares.map { |share| (share / shares.min).round(2) } if shares.all?
      end
    end
  end
end
