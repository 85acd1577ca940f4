# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # What to measure for one batch: each part by mass and by volume, and the marks on a cup that is filled part after part.
    class MixCard
      attr_reader :formula, :g

      # @param formula [Formula]
      # @param g [Float] of the whole
      def initialize(formula, g)
        @formula = formula
        @g = g
      end

      # @param part [Integer] index of the part whose amount is settled: "only 12 g of hardener left"
      # @param g [Float, nil]
      # @param ml [Float, nil] where nothing is said by mass
      # @return [MixCard, nil] nil where the volume tells nothing, since the density is not known
      def self.turned(formula, part, g: nil, ml: nil)
        one = formula.parts.fetch(part)
        g ||= one.density && (ml * one.density)
        g && new(formula, g / one.mass)
      end

      # @return [Float, nil] of the whole, by its parts: what they shrink by when they are stirred is not known
      def ml = volumes&.sum

      # @return [Array<Amount>] in the order of the parts
      def amounts = @amounts ||= formula.parts.map { |part| Amount.of(g * part.mass, part.density) }

      # @return [Array<Float>, nil] ml, how high the cup stands after each part
      def marks
        height = 0.0
        volumes&.map { |volume| height += volume }
      end

      def to_h
        { "g" => g.round(3), "ml" => ml&.round(3), "marks_ml" => marks&.map { |mark| mark.round(2) },
          "parts" => formula.parts.zip(amounts).map do |part, amount|
            { "name" => part.name, "material" => part.material, "colour" => part.colour, "mass_share" => part.mass.round(5),
              "volume_share" => part.volume&.round(5) }.merge(amount.to_h)
          end }
      end

      # @return [Reckoning] of its volume: what is weighed and what that fills
      def how
        inputs = formula.parts.zip(amounts).flat_map do |part, amount|
          share = "#{part.name}: #{(part.mass * 100).round(1)} % of #{g.round(2)} g"
          [Reckoning::Input.new(share, amount.g.round(2), "g"), Reckoning::Input.new("its density, g/ml", part.density&.round(3), nil)]
        end
        Reckoning.new(key: "mix", name: "volume", value: ml&.round(2), unit: "ml", inputs: inputs, source: "densities of the catalogue",
          formula: "for each part: its share of the mass ÷ its density, all together; how they shrink when stirred is not known")
      end

      private

      def volumes = amounts.map(&:ml).then { |all| all if all.all? }
    end
  end
end
