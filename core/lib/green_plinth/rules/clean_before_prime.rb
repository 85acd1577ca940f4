# frozen_string_literal: true

module GreenPlinth
  module Rules
    class CleanBeforePrime < Rule
      code "order/clean_before_prime"
      strength :must
      why "mould lines show through paint"
      binds :part

      private

      def first?(work) = work.phase?(:clean)
      def later?(work) = work.phase?(:prime, :paint, :paint_subject)
    end
  end
end
