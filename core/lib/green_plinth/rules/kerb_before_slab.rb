# frozen_string_literal: true

module GreenPlinth
  module Rules
    class KerbBeforeSlab < Rule
      code "order/kerb_before_slab"
      strength :advice
      why "slabs butt against it"
      wait :handle

      private

      def first?(work) = work.does?("kerbs")
      def later?(work) = work.does?("slabs")
    end
  end
end
