# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GrassLayerDry < Rule
      code "order/grass_layer_dry"
      strength :must
      why "fibres mat in wet glue"
      binds :anything

      private

      # Two hours at the least, common practice.
      LEAST_MIN = 120

      def first?(work) = work.phase?(:grass)
      def later?(work) = work.phase?(:grass, :tufts, :leaves)

      # Within one pile the maker's own order stands; across piles short fibres go before long ones.
      def bound?(first, later)
        return first.stack[1] < later.stack[1] if same_pile?(first, later)

        (later.phase?(:grass) ? (first.length_mm || 0) < (later.length_mm || 0) : true) && @places.meet?(first, later)
      end

      def at_least(first, _later) = [first.stages.after(:handle) || 0, LEAST_MIN].max
    end
  end
end
