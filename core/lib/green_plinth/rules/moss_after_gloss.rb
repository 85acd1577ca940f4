# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MossAfterGloss < Rule
      code "order/moss_after_gloss"
      strength :advice
      why "moss is matt"
      wait :next

      private

      def first?(work) = work.of?("gloss") || work.phase?(:surface)
      def later?(work) = work.does?("moss")
    end
  end
end
