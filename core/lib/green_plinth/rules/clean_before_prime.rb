# frozen_string_literal: true

module GreenPlinth
  module Rules
    class CleanBeforePrime < Rule
      code "order/clean_before_prime"
      strength :must
      why "mould lines show through paint"

      private

      def first?(work) = work.phase?(:clean)
      def later?(work) = work.phase?(:prime, :paint, :paint_subject)
      def bound?(first, later) = (first.where & later.where).any?
    end
  end
end
