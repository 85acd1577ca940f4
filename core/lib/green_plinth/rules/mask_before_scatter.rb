# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MaskBeforeScatter < Rule
      code "order/mask_before_scatter"
      strength :must
      why "road, rail, rock and building spots stay clean"

      private

      def first?(work) = work.phase?(:mask)
      def later?(work) = work.phase?(:grain, :ballast, :grass, :flock)
    end
  end
end
