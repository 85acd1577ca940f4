# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # What has to be bought for what is used: a mix is bought as its parts, each by its share of the volume, and of what is stirred
    # up with water only the powder.
    class Bought
      # @param catalogue [Catalogue] with mixes
      def initialize(catalogue)
        @catalogue = catalogue
      end

      # @param use [Use]
      # @return [Array<Use>]
      def for(use)
        material = @catalogue[use.material]
        return [use] unless material && use.amount
        return [use.dup.tap { |dry| dry.amount *= material.bought_share }] unless material["parts"]

        ml = use.unit == "g" ? use.amount / (material.density_dry || material.density_wet) : use.amount
        material["parts"].flat_map do |part|
          self.for(Use.new(material: part["material"], colour: part["colour"], amount: ml * part["share"], unit: "ml"))
        end
      end
    end
  end
end
