# frozen_string_literal: true

module GreenPlinth
  class Design
    # The repeated piece: brick, sett, slab, sleeper, plank. Millimetres of the model; nil where the maker says nothing.
    class Unit
      SIDES = %w[length_mm width_mm height_mm].freeze

      def initialize(data)
        @data = data
      end

      def represents = @data["represents"]
      def joint_mm = @data["joint_mm"]
      def [](side) = @data[side]
    end
  end
end
