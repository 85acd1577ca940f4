# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # What has to be bought for what is used: a mix is bought as its parts, each by its share of the volume, and of what is stirred
    # up with water only the powder; by what the maker was seen to use up of it. Pieces and sheets are counted as they are.
    class Bought
      # @param catalogue [Catalogue] with mixes
      # @param learnt [Boolean] whether by what was seen to be used up
      def initialize(catalogue, learnt: true)
        @catalogue = catalogue
        @consumption = learnt ? catalogue.consumption : Ratios.new
      end

      # @param use [Use]
      # @return [Array<Use>]
      def for(use)
        material = @catalogue[use.material]
        return [use] unless material && use.amount
        return [use * (material.bought_share * learnt(use))] unless material["parts"]

        ml = use.unit == "g" ? use.amount / (material.density_dry || material.density_wet) : use.amount
        material["parts"].flat_map do |part|
          self.for(Use.new(material: part["material"], colour: part["colour"], amount: ml * part["share"], unit: "ml"))
        end
      end

      private

      def learnt(use) = Events::Takings::MEASURED.include?(use.unit) ? @consumption.factor(use.material) : 1.0
    end
  end
end
