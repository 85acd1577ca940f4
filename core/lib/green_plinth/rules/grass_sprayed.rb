# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GrassSprayed < Rule
      code "order/grass_sprayed"
      strength :school
      why "the spray colours what stands"
      wait :handle

      private

      def first?(work) = work.phase?(:grass)
      def later?(work) = work.phase?(:spray_grass)
    end
  end
end
