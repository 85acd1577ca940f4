# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GlueCuredBeforePrime < Rule
      code "order/glue_cured_before_prime"
      strength :must
      why "solvent softens it"
      wait :next
      follows_the_pile

      private

      def first?(work) = work.phase?(:hard) && !work.finished?
      def later?(work) = work.phase?(:prime)
    end
  end
end
