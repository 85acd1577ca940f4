# frozen_string_literal: true

module GreenPlinth
  module Rules
    class KerbBeforeSlab < Rule
      code "order/kerb_before_slab"
      strength :advice
      why "slabs butt against it"
      wait :handle

      private

      def first?(work) = work.technique.key == "lay_kerb"
      def later?(work) = work.technique.key == "lay_slabs"
    end
  end
end
