# frozen_string_literal: true

module GreenPlinth
  module Rules
    # Within one pile the maker says: long first, and short feathers its edge, is a way too.
    class GrassLengths < Rule
      code "order/grass_lengths"
      strength :school
      why "short first leaves the height of the long open"
      wait :handle
      follows_the_pile

      private

      def first?(work) = work.phase?(:grass) && !work.length_mm.nil?
      def later?(work) = first?(work)
      def bound?(first, later) = first.length_mm < later.length_mm
    end
  end
end
