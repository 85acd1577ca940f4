# frozen_string_literal: true

module GreenPlinth
  module Waters
    # The ground inside a water's drawn outline.
    module Bed
      module_function

      # @return [Float, nil] mm above the top face, of running water against its level at the source; nil where the outline lies
      #   beside the plinth
      def deepest(water, terrain)
        drawn = water.area.intersection(terrain.ground.top)
        cells = (Relief::Coverage.of(drawn, terrain.grid) > 0.5) & (terrain.weight > 1e-6)
        FallingGround.under(water, terrain).height[cells].min if cells.count_true.positive?
      end
    end
  end
end
