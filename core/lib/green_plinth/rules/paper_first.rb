# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PaperFirst < Rule
      code "order/paper_first"
      strength :advice
      why "cuts and glue cannot be moved"

      private

      def first?(work) = work.phase?(:paper)
      def later?(work) = work.bulk? || work.ground? || work.phase?(:hard, :mount)
    end
  end
end
