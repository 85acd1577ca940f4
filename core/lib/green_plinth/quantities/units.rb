# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # From the unit that something is used in to the unit that it is sold or kept in.
    module Units
      module_function

      # @param amount [Float]
      # @param from [String] ml, g, piece, mm, mm2, cm2 or sheet
      # @param to [String]
      # @param material [Catalogue::Material] whose density, thickness or sheet lies between them
      # @return [Float, nil] nil where nothing leads from one to the other
      def convert(amount, from, to, material)
        return amount if from == to

        density = material.density_wet || material.density_dry
        case [from, to]
        when %w[ml g] then density && (amount * density)
        when %w[g ml] then density && (amount / density)
        # 1 ml lies 1 cm² wide and 10 mm thick.
        when %w[ml cm2] then material.reference_mm && (amount * 10 / material.reference_mm)
        when %w[mm2 cm2] then amount / 100
        when %w[mm2 sheet] then material.pack&.[]("size_mm")&.then { |size| amount / size.reduce(:*) }
        end
      end
    end
  end
end
