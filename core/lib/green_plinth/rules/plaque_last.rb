# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PlaqueLast < Rule
      code "order/plaque_last"
      strength :must
      why "every step soils it"
      binds :anything
      wait :handle

      private

      def first?(work) = work.phase?(:rim) || work.part.is_a?(Design::Side)
      def later?(work) = work.phase?(:plaque)
    end
  end
end
