# frozen_string_literal: true

module GreenPlinth
  module Rules
    class LayerDry < Rule
      code "order/layer_dry"
      strength :must
      why "trapped water stays milky"
      binds :anything
      wait :next

      private

      def first?(work) = work.phase?(:pour)
      def later?(work) = work.phase?(:pour, :surface)
      def bound?(first, later)
        later.phase?(:pour) ? first.where == later.where && first.stack[1] < later.stack[1] : @places.meet?(first, later)
      end
    end
  end
end
