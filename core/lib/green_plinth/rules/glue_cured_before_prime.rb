# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GlueCuredBeforePrime < Rule
      code "order/glue_cured_before_prime"
      strength :must
      why "solvent softens it"
      wait :next

      private

      def first?(work) = work.phase?(:hard)
      def later?(work) = work.phase?(:prime)
    end
  end
end
